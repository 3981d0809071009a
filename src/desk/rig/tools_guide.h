// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>

#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// The drawer of tools: how fine each reads, how well, from where, which way its figures run; all asked once
/// for a tool and undone ever after.
class ToolsGuide : public DrawnGuide {
    Q_OBJECT
  public:
    /// `first` is the tool that is shown; without one the round's rule.
    ToolsGuide(JobDesk& desk, const QString& first, QObject* parent)
        : DrawnGuide(desk, parent), first_(first) {}
    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    void choose(const QString& place) override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return asks_ != Asks::nothing; }
    bool typesWords() const override { return asks_ == Asks::name; }
    QString prompt() const override;
    Expect expected() const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    enum class Asks { nothing, zero, sigma, division, scale_end, lean_before, lean_out, name };
    Tool tool() const;  ///< the chosen one
    void ask(Asks what);
    Repeatability learnt(const Tool& t) const;
    QString ways(const Tool& t) const;  ///< how it shows, in a few words

    QString first_;
    Asks asks_ = Asks::nothing;
    Side side_ = Side::left;
    double before_ = 0.0;
    bool nudging_ = false;
    std::map<std::string, std::vector<std::vector<double>>> repeats_;  ///< by tool, of all the book's jobs
};

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// What is left of the evening: one list, in the order that needs the fewest jackings, by how the car stands,
/// with minutes and the clock.
class EveningGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;

    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    QString keep(const QString&) override { return {}; }
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    bool actHasFocus() const override { return true; }
    void draw(QPainter& p) const override;

  private:
    const EveningStep* current() const;
    static QString toGo(const Evening& e);
};

/// `ready about 16:40`; empty where nothing is left, or nobody knows yet.
QString readyAbout(const JobDesk& desk);

/// In which order is set, or how is it reached what is turned? By the schools of that topic.
class SchoolQuestion : public ListQuestion {
    Q_OBJECT
  public:
    SchoolQuestion(JobDesk& desk, std::string topic, QObject* parent = nullptr)
        : ListQuestion(desk, parent), topic_(std::move(topic)) {}
    QString title() const override;
    QString body() const override;
    QString say() const override { return title(); }
    std::vector<Act> acts() const override;
    void act(const QString& id) override;

  private:
    std::string topic_;
};

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/target_text.h"
#include "card/card_items.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// The car's card as places on a drawing of the car. One points at a place and is asked what belongs there,
/// one thing at a time; what is not known yet waits. It begins at one of its groups where one is named, at
/// the first that is not said there; where one thing alone is named, it goes back once that is told.
class CardGuide : public DrawnGuide {
    Q_OBJECT
  public:
    CardGuide(JobDesk& desk, const QString& begins_at, QObject* parent)
        : DrawnGuide(desk, parent), begins_at_(begins_at) {}
    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    void choose(const QString& place) override;
    void step(int by) override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override;
    bool typesWords() const override;
    QString prompt() const override;
    Expect expected() const override;
    std::optional<Bounded> bounded() const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    const std::vector<CardGroup>& groups() const;
    std::optional<CardGroup> group() const;
    std::optional<CardItem> item() const;
    /// What was read counts only once this is told, `rear-axle:rim_span`; empty where nothing waits.
    QString waitedFor() const;
    QString valueOf(const book::WrittenCard& card, const CardItem& item) const;
    void write(const CardItem& item, const book::Json& value);
    Result<book::TargetText> targetFrom(const CardItem& i, const QString& text) const;
    QString writeTarget(const CardItem& item, const QString& text);
    QString addPicture(const QString& path);

    const std::vector<book::Book::Picture>& pictures() const;

    /// As it is written, a length in the units that are shown.
    QString shownOf(const book::WrittenCard& card, const CardItem& item) const;

    QString inUnits(const CardItem& item, const QString& written) const;

    QString begins_at_;
    int item_ = 0;
    /// What is asked follows from the log, and is made once for each state of it.
    mutable std::vector<CardGroup> groups_;
    mutable std::pair<std::string, std::size_t> groups_of_;
    QString picture_trouble_;  ///< why the last one is not in the book
    mutable std::optional<std::vector<book::Book::Picture>> pictures_;  ///< read when first wanted
};

}  // namespace fairchalk::desk

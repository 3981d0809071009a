// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/target_text.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// The car's card as places on a drawing of the car. One points at a place and is asked what belongs there,
/// one thing at a time; what is not known yet waits.
class CardGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;
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

    /// One thing on the card: where it stands in the JSON, how it is typed.
    struct Item {
        enum class Type {
            length,
            angle,
            pressure,
            number,
            words,
            choice,
            target,
            torque,
            note,
            picture,
            shims
        };
        QString id, name;
        Type type = Type::words;
        std::vector<std::string> path;
        std::optional<Bounded> bounded;
        std::vector<std::pair<std::string, QString>> choices;
        QString hint;
        std::string device = {};  ///< of this adjuster; `path` is its field
    };

  private:
    struct Group {
        QString id, name;
        QRectF at;
        std::vector<Item> items;
    };
    const std::vector<Group>& groups() const;
    std::vector<Group> madeGroups() const;
    void addDeviceItems(Group& g, const Adjuster& d) const;
    std::optional<Group> group() const;
    std::optional<Item> item() const;
    QString valueOf(const book::Json& card, const Item& item) const;
    void write(const Item& item, const book::Json& value);
    Result<book::TargetText> targetFrom(const Item& i, const QString& text) const;
    QString writeTarget(const Item& item, const QString& text);
    QString addPicture(const QString& path);
    std::string setup() const;

    const std::vector<book::Book::Picture>& pictures() const;

    int item_ = 0;
    /// What is asked follows from the log, and is made once for each state of it.
    mutable std::vector<Group> groups_;
    mutable std::pair<std::string, std::size_t> groups_of_;
    QString picture_trouble_;  ///< why the last one is not in the book
    mutable std::optional<std::vector<book::Book::Picture>> pictures_;  ///< read when first wanted
};

}  // namespace fairchalk::desk

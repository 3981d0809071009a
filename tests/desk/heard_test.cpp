// SPDX-License-Identifier: GPL-3.0-or-later
// The window as a screen reader has it: by its accessible tree alone.
#include <private/qguiapplication_p.h>
#include <qpa/qplatformaccessibility.h>
#include <qpa/qplatformintegration.h>
#include <QAccessible>

#include "desk_fixture.h"
#include "floor/floor_view.h"

namespace fairchalk::desk {
namespace {

std::vector<QString> alerts;
int events = 0;

void heard(QAccessibleEvent* e) {
    ++events;
    if (e->type() == QAccessible::Alert)
        if (auto* i = e->accessibleInterface()) alerts.push_back(i->text(QAccessible::Name));
}

struct HeardTest : DeskTest {
    QAccessible::UpdateHandler before = QAccessible::installUpdateHandler(heard);
    HeardTest() {
        // Where no screen reader runs, nothing is told to anybody.
        QGuiApplicationPrivate::platformIntegration()->accessibility()->setActive(true);
        alerts.clear();
        EXPECT_TRUE(QAccessible::isActive());
    }
    ~HeardTest() override {
        QAccessible::installUpdateHandler(before);
        QGuiApplicationPrivate::platformIntegration()->accessibility()->setActive(false);
    }

    using Node = QAccessibleInterface*;
    /// All that is there to be heard, depth first.
    std::vector<Node> tree() {
        std::vector<Node> out;
        std::function<void(Node)> walk = [&](Node at) {
            if (!at || at->state().invisible) return;
            out.push_back(at);
            for (int i = 0; i < at->childCount(); ++i) walk(at->child(i));
        };
        walk(QAccessible::queryAccessibleInterface(window.get()));
        return out;
    }
    Node find(QAccessible::Role role, const QString& name) {
        for (Node n : tree())
            if (n->role() == role && n->text(QAccessible::Name).contains(name)) return n;
        return nullptr;
    }
    void press(Node n) {
        ASSERT_TRUE(n && n->actionInterface());
        n->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
        desk->settle();
        QApplication::processEvents();
    }
    /// The line that is typed into.
    Node line() {
        for (Node n : tree())
            if (n->role() == QAccessible::EditableText && n->state().focused) return n;
        return nullptr;
    }
    void hear(const QString& value) {
        line()->setText(QAccessible::Value, value);
        key(Qt::Key_Return);
        desk->settle();
        QApplication::processEvents();
    }
};

TEST_F(HeardTest, EachViewSaysWhatItIsAndWhatIsChosen) {
    demo();
    open();
    std::vector<std::function<void()>> views;
    for (Stage s : all_stages)
        views.push_back([this, s] {
            window->showPage({});
            window->setStage(s);
        });
    for (const PageId id : {PageId::evening, PageId::record, PageId::tires, PageId::shop, PageId::repair,
                            PageId::card, PageId::lock, PageId::tools})
        views.push_back([this, id] { window->showPage({id}); });
    views.push_back([this] { window->showShelf(); });
    views.push_back([this] { window->showPractice(); });
    views.push_back([this] { window->showPreferences(); });
    views.push_back([this] { window->showTerms("toe"); });
    views.push_back([this] { key(Qt::Key_F1); });
    for (std::size_t v = 0; v < views.size(); ++v) {
        views[v]();
        desk->settle();
        QApplication::processEvents();
        for (const QAbstractButton* b : window->findChildren<QAbstractButton*>())
            if (b->isVisible() && b->focusPolicy() != Qt::NoFocus) {
                EXPECT_FALSE(b->toolTip().isEmpty())
                    << v << ": " << b->accessibleName().toStdString() << " has no tip";
            }
        int tabs = 0;
        for (Node n : tree()) {
            const QString name = n->text(QAccessible::Name);
            const auto what = [&] {
                return std::to_string(v) + ": " + n->object()->metaObject()->className() + " " +
                       name.toStdString();
            };
            const QAccessible::State s = n->state();
            EXPECT_TRUE(!s.checked || s.checkable) << what();
            switch (n->role()) {
                case QAccessible::Button:
                case QAccessible::RadioButton:
                case QAccessible::CheckBox:
                case QAccessible::PageTab:
                case QAccessible::EditableText:
                case QAccessible::Grouping:
                    EXPECT_FALSE(name.isEmpty()) << what();
                    break;
                default:
                    break;
            }
            tabs += n->role() == QAccessible::PageTab && s.checked;
        }
        if (v < all_stages.size()) {
            EXPECT_EQ(tabs, 1) << v << ": one stage is here";
        }
    }
}

TEST_F(HeardTest, AWholeRoundIsReadByEar) {
    demo();
    open();
    desk->settle();
    press(find(QAccessible::PageTab, "Read: "));
    const std::size_t had = readings();
    int kept = 0;
    for (int guard = 0; guard < 20; ++guard) {
        const Node asked = find(QAccessible::RadioButton, "asked for now");
        if (!asked) break;
        EXPECT_TRUE(asked->state().checked);
        const QString name = asked->text(QAccessible::Name);
        const int number = name.section(QLatin1Char(','), 0, 0).toInt();
        ASSERT_GE(number, 4) << name.toStdString();
        ASSERT_TRUE(line()) << "what is typed goes to the line";
        // It says the same place as the floor.
        EXPECT_TRUE(line()
                        ->text(QAccessible::Name)
                        .startsWith(name.section(QStringLiteral(", "), 1).section(QLatin1Char(':'), 0, 0)))
            << line()->text(QAccessible::Name).toStdString() << " / " << name.toStdString();
        if (number == 5) {
            // What is not understood, and what is far off, are said once each; nothing is kept.
            alerts.clear();
            hear("abc");
            EXPECT_EQ(alerts.size(), 1u);
            EXPECT_EQ(readings(), had + static_cast<std::size_t>(kept));
            key(Qt::Key_Escape);
        }
        alerts.clear();
        hear(tarnby_rest[number - 4]);
        ++kept;
        EXPECT_EQ(readings(), had + static_cast<std::size_t>(kept));
        EXPECT_EQ(
            std::count_if(alerts.begin(), alerts.end(), [](const QString& a) { return a.contains("kept"); }),
            1)
            << name.toStdString();
        // The mark on the floor says what was read there.
        EXPECT_TRUE(find(QAccessible::RadioButton, tarnby_rest[number - 4] + " mm"));
    }
    EXPECT_EQ(kept, 11);
    EXPECT_TRUE(find(QAccessible::PageTab, "Read: done"));
    // What to turn is heard, and stands in the tree.
    press(find(QAccessible::PageTab, "Turn: "));
    EXPECT_TRUE(find(QAccessible::Button, "Turned as written"));
    EXPECT_TRUE(
        std::any_of(alerts.begin(), alerts.end(), [](const QString& a) { return a.contains("tie rod"); }));
}

TEST_F(HeardTest, WhatStaysAsItIsSaysNothing) {
    demo();
    open();
    desk->settle();
    window->setStage(Stage::read);
    QApplication::processEvents();
    EXPECT_GT(events, 0) << "what changed was said";
    events = 0;
    alerts.clear();
    window->findChild<FloorView*>()->refresh();
    EXPECT_EQ(events, 0);
    EXPECT_TRUE(alerts.empty());
}

}  // namespace
}  // namespace fairchalk::desk

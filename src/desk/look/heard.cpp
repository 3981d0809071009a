// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/heard.h"

#include <QAccessibleWidget>

#include "floor/floor_view.h"
#include "guide/drawn_guide.h"
#include "line/line_view.h"
#include "shelf/shelf_page.h"

namespace fairchalk::desk {
namespace {

/// A button of ours: what it is, whether it can be chosen and is, and that it can be pressed.
class HeardButton : public QAccessibleWidget {
  public:
    HeardButton(QAbstractButton* b, QAccessible::Role role) : QAccessibleWidget(b, role), button_(b) {}
    QAccessible::State state() const override {
        QAccessible::State s = QAccessibleWidget::state();
        s.checkable = button_->isCheckable();
        s.checked = button_->isCheckable() && button_->isChecked();
        return s;
    }
    QStringList actionNames() const override {
        return QStringList{pressAction()} + QAccessibleWidget::actionNames();
    }
    void doAction(const QString& action) override {
        if (action == pressAction())
            button_->click();
        else
            QAccessibleWidget::doAction(action);
    }

  private:
    QAbstractButton* button_;
};

QAccessibleInterface* interfaceOf(const QString&, QObject* object) {
    if (auto* b = qobject_cast<SpotMark*>(object)) return new HeardButton(b, QAccessible::RadioButton);
    if (auto* b = qobject_cast<PlaceMark*>(object)) return new HeardButton(b, QAccessible::RadioButton);
    if (auto* b = qobject_cast<StageKnot*>(object)) return new HeardButton(b, QAccessible::PageTab);
    if (auto* b = qobject_cast<ShelfLine*>(object))
        return new HeardButton(b,
                               b->focusPolicy() == Qt::NoFocus ? QAccessible::Heading : QAccessible::Button);
    if (auto* w = qobject_cast<GuideView*>(object)) return new QAccessibleWidget(w, QAccessible::Grouping);
    if (auto* w = qobject_cast<FloorView*>(object)) return new QAccessibleWidget(w, QAccessible::Grouping);
    if (auto* w = qobject_cast<LineView*>(object)) return new QAccessibleWidget(w, QAccessible::PageTabList);
    if (auto* w = qobject_cast<Announcer*>(object))
        return new QAccessibleWidget(w, QAccessible::AlertMessage);
    return nullptr;
}

}  // namespace

void nameIt(QWidget* what, const QString& name) {
    if (what->accessibleName() != name) what->setAccessibleName(name);
}

Announcer::Announcer(QWidget* parent) : QWidget(parent) {
    setFixedSize(1, 1);
    setAttribute(Qt::WA_TransparentForMouseEvents);
}

void Announcer::say(const QString& sentence) {
    if (sentence.isEmpty()) return;
    nameIt(this, sentence);
    QAccessibleEvent alert(this, QAccessible::Alert);
    QAccessible::updateAccessibility(&alert);
}

void introduceToScreenReaders() {
    static const bool once = (QAccessible::installFactory(interfaceOf), true);
    (void)once;
}

}  // namespace fairchalk::desk

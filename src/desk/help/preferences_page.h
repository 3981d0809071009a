// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <vector>

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <QWidget>

namespace fairchalk::desk {

/// One thing that can be preferred: what it is called, what there is to choose, what is chosen.
struct Preference {
    QString name;
    std::vector<std::pair<QString, QString>> choices;  ///< value and its words
    std::function<QString()> now;
    std::function<void(const QString& value)> choose;
};

/// All that can be preferred, in one place; each holds at once.
class PreferencesPage : public QWidget {
    Q_OBJECT
  public:
    explicit PreferencesPage(std::vector<Preference> all, QWidget* parent = nullptr);
    void begin(const QString& garage);
    /// Something was chosen elsewhere, by a key.
    void refresh();

  signals:
    void garageNamed(const QString& name);

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    std::vector<Preference> all_;
    std::vector<std::vector<QPushButton*>> buttons_;
    QLineEdit* garage_;
};

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>

#include <QLabel>
#include <QLineEdit>
#include <QWidget>

#include "job_desk.h"

namespace fairchalk::desk {

/// Copies of the book: one to be made now, and those of the last days. Where something is not on the disk and
/// the job or the window is left, it is asked here what becomes of it.
class CopiesPage : public QWidget {
    Q_OBJECT
  public:
    explicit CopiesPage(JobDesk& desk, QWidget* parent = nullptr);
    /// The page as it is reached by a key.
    void begin();
    /// What is not on the disk: `go_on` leaves, once nothing is lost by it.
    void ask(std::function<void()> go_on);
    bool asks() const { return static_cast<bool>(go_on_); }
    /// The copy that the line names.
    void save();
    QString said() const { return said_->text(); }

  signals:
    void left();  ///< back to where it was

  public slots:
    void refresh();

  protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    QString proposed() const;

    JobDesk& desk_;
    std::function<void()> go_on_;
    QString restoring_;  ///< the copy that was chosen once
    bool giving_up_ = false;
    QLabel* title_;
    QLabel* note_;
    QLabel* said_;
    QLineEdit* path_;
    QWidget* list_;
};

}  // namespace fairchalk::desk

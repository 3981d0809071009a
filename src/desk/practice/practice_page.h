// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QBoxLayout>
#include <QLabel>
#include <QWidget>

#include "book/practice_file.h"
#include "job_desk.h"
#include "shelf/shelf_page.h"

namespace fairchalk::desk {

/// The way onto the practice floor: the lessons in the order of work, and a whole job on a simulated car of a
/// chosen story and level.
class PracticePage : public QWidget {
    Q_OBJECT
  public:
    explicit PracticePage(JobDesk& desk, QWidget* parent = nullptr);
    void refresh();

  signals:
    void lessonChosen(const QString& lesson);
    void jobMade(const QString& job);

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    enum Group { car, story, level };
    void begin();
    ShelfLine* lessonLine(const book::PracticeItem& lesson, int number = 0);
    ShelfLine* addPath();
    void addPlayed();

    JobDesk& desk_;
    QVBoxLayout* lessons_;
    QVBoxLayout* jobs_;
    QLabel* trouble_;
    std::array<std::string, 3> chosen_;
};

}  // namespace fairchalk::desk

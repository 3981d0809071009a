// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/practice_file.h"
#include "guide/drawn_guide.h"
#include "practice/lesson.h"

namespace fairchalk::desk {

/// One of the short lessons: a drawing with rules to be read by eye or something to decide, and what it came
/// to.
class LessonGuide : public DrawnGuide {
    Q_OBJECT
  public:
    LessonGuide(JobDesk& desk, const QString& lesson, QObject* parent = nullptr);
    void enter() override;
    std::vector<Place> places() const override;
    void point(const QString& place) override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool isStage() const override { return false; }
    bool typing() const override;
    Expect expected() const override;
    QString hint() const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;
    const practice::Lesson& lesson() const { return lesson_; }

  private:
    void answered();
    bool inInches() const;
    std::optional<QString> next() const;
    QString asks(const practice::Task& task) const;
    QString choiceWords(const std::string& choice) const;
    QString faceWords(const practice::Face& face) const;
    QString judged() const;
    QString cameTo() const;
    void drawWhere(QPainter& p, const practice::Task& task, const QRectF& box) const;
    void drawFaces(QPainter& p, const practice::Task& task, const QRectF& box) const;
    void drawRod(QPainter& p, const practice::Task& task, const QRectF& box) const;
    void drawBand(QPainter& p, const practice::Task& task, const QRectF& box) const;
    void drawTakings(QPainter& p, const practice::Task& task) const;

    const book::PracticeItem& item_;
    practice::Lesson lesson_;
};

}  // namespace fairchalk::desk

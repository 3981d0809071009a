// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <map>

#include <QLabel>
#include <QMainWindow>
#include <QScrollArea>
#include <QStackedWidget>

#include "big_figures.h"
#include "floor/floor_view.h"
#include "guide/drawn_guide.h"
#include "guide/page.h"
#include "job_desk.h"
#include "line/line_view.h"
#include "look/heard.h"
#include "practice/practice_page.h"
#include "read/read_guide.h"
#include "shelf/car_page.h"
#include "shelf/copies_page.h"
#include "shelf/shelf_page.h"
#include "slate/slate.h"
#include "speech/speaker.h"
#include "turn/turn_guide.h"
#include "turn/turn_view.h"
#include "wire/gauge_wire.h"

namespace fairchalk::desk {

class FirstCarPage;
class HelpPage;
class HistoryPage;
class PreferencesPage;
struct Preference;
class TermsPage;

/// Books that were opened, the newest first; and one more.
QStringList recentBooks();
void rememberBook(const QString& path);

/// The window: Line, Floor, Slate and Say-line; or the shelf; or a new car.
class Window : public QMainWindow {
    Q_OBJECT
  public:
    explicit Window(JobDesk& desk, QWidget* parent = nullptr);
    /// The stage itself, also from a page that lies beside it.
    void setStage(Stage stage);
    /// There, with that place of its drawing chosen.
    void goTo(Stage stage, const QString& place);
    Stage stage() const { return stage_; }
    void openJob(const QString& id);
    void showShelf();
    /// A new car: its name and how it is measured.
    void showFirstCar();
    /// All of a card at once: a car's on the shelf, or a new one.
    void showCarPage(const QString& car);
    void beginJob(const QString& job, const QString& way);
    void showPractice();
    /// Copies of the book, and what is not on the disk.
    void showCopies();
    CopiesPage& copiesPage();
    void setDark(bool dark);
    Slate& slate() { return *slate_; }
    ReadGuide& reading() { return *read_; }
    /// The guide that is worked on, where it is a drawing.
    DrawnGuide* drawn() const { return qobject_cast<DrawnGuide*>(slate_->guide()); }
    TurnGuide& turning() { return *turning_; }
    FloorView& floorView() { return *floor_; }
    CarPage& carPage();
    QString kept() const { return kept_->text(); }
    QString sayLine() const { return say_->text(); }
    void showPage(const Page& page);
    /// The stage as it is printed, with its cautions, on paper of this size.
    int sheetsToPrint() const;
    void drawSheet(QPainter& p, const QSizeF& paper, int number = 0);
    const Page& page() const { return page_; }
    /// The gauge on a wire; made when it is first wanted.
    GaugeWire& wire();
    Speaker& speaker() { return *speaker_; }
    void toggleBigFigures();
    std::vector<BigFigures::Block> bigFigures() const;
    void showHistory(const QString& car);
    void showHelp();                    ///< this screen, with its drawing
    void showTerms(const QString& id);  ///< the words of the job, one of them chosen
    void showPreferences();
    void showAbout();
    HistoryPage* history() const { return history_; }
    /// Takes a file in, by what stands in it: dropped here, or chosen.
    void take(const QString& path);
    /// Brings in all of another book; where a card was changed in both, asks which stands.
    void mergeWith(const QString& path);
    /// What is drawn now, as a file of lines that any drawing program opens. Gives what is wrong, or nothing.
    QString drawingTo(const QString& path);

  signals:
    void bookWanted(const QString& path);

  protected:
    void closeEvent(QCloseEvent* e) override;
    void resizeEvent(QResizeEvent* e) override;
    bool event(QEvent* e) override;
    void wheelEvent(QWheelEvent* e) override;
    bool eventFilter(QObject* watched, QEvent* e) override;
    void dragEnterEvent(QDragEnterEvent* e) override;
    void dropEvent(QDropEvent* e) override;

  private:
    /// Leaves the job, or the window: where something is not on the disk, after it was asked about.
    void leave(std::function<void()> go_on);
    void backFromCopies();
    void openOf(const QString& id);
    ShelfPage& shelf();
    /// The guide of the page, or else of the stage; made when first wanted.
    Guide* guideFor(Stage stage);
    Guide* taken(Guide* guide);
    /// Stage and page as they are chosen, from anew.
    void enterStage();
    void askNext();
    void strike();
    void makeJobPage();
    void listen();
    /// A page that leads back to where one was.
    void putBeside(QWidget* page);
    bool isBeside(const QWidget* page) const;
    void offerInches();
    bool inchesTyped() const;
    void shortcuts();
    void back();
    /// Everything so many times as large.
    void zoomTo(double times);
    void zoomAsSystem();
    void drawAt(double times);
    std::vector<Preference> preferences();
    void takeRule(const std::string& rule);
    void fitPane();
    void fitHead();
    void fitSay();
    void keepInView();   ///< what is pointed at
    bool atJob() const;  ///< a job is open, and seen
    void actHere(std::size_t n);
    void happens(ChangeKind kind);
    void togglePage(PageId id);
    void chooseTheme(const QString& theme);  ///< `slate`, `daylight`, `system`
    void nextAngles();                       ///< minutes or decimals
    void nextLengths();                      ///< mm or inches
    void makeMenus();
    void openDemo();
    void askForAny();
    void askForFile(const QString& title, const QString& kinds, std::function<void(const QString&)> then);
    void askWhere(const QString& title, const QString& name, const QString& kinds,
                  std::function<QString(const QString&)> write);
    void tell(const QString& said);
    void askAboutCards(const QString& path, std::vector<book::Book::Merged::Conflict> left,
                       QStringList theirs);
    void saveDrawing();
    void refresh();
    void say();
    void print();
    void setHow(const Show& how);

    JobDesk& desk_;
    Show how_;
    Stage stage_ = Stage::read;
    QStackedWidget* pages_;
    QWidget* job_page_;
    QStackedWidget* middle_;
    QScrollArea* pane_;  ///< the drawing, as large as it has to be to be read
    LineView* line_;
    FloorView* floor_;
    TurnView* turn_;
    GuideView* guide_view_;
    /// Made when first wanted.
    std::map<Page, Guide*> pages_made_;
    std::map<std::pair<Stage, bool>, Guide*> stages_made_;
    Page page_;  ///< one that is no stage: the card, the baseline
    Slate* slate_;
    ReadGuide* read_;
    TurnGuide* turning_;
    ShelfPage* shelf_ = nullptr;
    CarPage* car_page_ = nullptr;
    QScrollArea* car_pane_ = nullptr;  ///< around it
    FirstCarPage* first_car_ = nullptr;
    PracticePage* practice_page_ = nullptr;
    CopiesPage* copies_page_ = nullptr;
    HistoryPage* history_ = nullptr;
    HelpPage* help_ = nullptr;
    TermsPage* terms_ = nullptr;
    PreferencesPage* preferences_ = nullptr;
    QWidget* beside_ = nullptr;  ///< where one was before a page that leads back there
    QWidget* before_copies_ = nullptr;
    bool closing_ = false, closes_ = false;  ///< asked to; nothing stands against it
    GaugeWire* wire_ = nullptr;
    QString aside_;  ///< said once, until another spot is asked for: why what the gauge sent was not taken
    Speaker* speaker_;
    Announcer* announcer_;
    BigFigures* big_;
    QWidget *head_, *foot_;  ///< what job it is; what to do next
    QLabel* name_;
    QLabel* title_;
    QLabel* aim_;
    QLabel* units_;
    QLabel* kept_;
    QLabel* say_;
    QLabel* hint_;
    QString last_kept_;
    QString trouble_;  ///< why something is not on the disk; empty while all is well
};

}  // namespace fairchalk::desk

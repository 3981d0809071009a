// SPDX-License-Identifier: GPL-3.0-or-later
// What anybody typed, or a file brought in, is shown as the text that it is: no tag works, no file is opened.
#include <sys/inotify.h>
#include <unistd.h>
#include "core/job/rig.h"

#include <fstream>

#include "desk_fixture.h"
#include "look/html.h"

namespace fairchalk::desk {
namespace {

struct MarkupTest : DeskTest {
    fs::path probe = folder / "probe.png";
    int watch = -1;
    QString bad;

    void SetUp() override {
        std::ofstream(probe) << "not looked at";
        watch = ::inotify_init1(IN_NONBLOCK);
        ASSERT_GE(::inotify_add_watch(watch, probe.c_str(), IN_OPEN | IN_ACCESS), 0);
        bad = QStringLiteral("<b>x</b><img src=\"%1\">⟨b⟩&amp;").arg(QString::fromStdString(probe.string()));
    }
    void TearDown() override { ::close(watch); }
    bool opened() const {
        char keys_and_clicks[4096];
        return ::read(watch, keys_and_clicks, sizeof keys_and_clicks) > 0;
    }
    /// Every string of a job that is free text, markup.
    void spoil(book::Json& j, const std::string& under = {}) {
        static const std::set<std::string> free = {"name", "title", "note",  "text", "why", "part",
                                                   "from", "place", "label", "say",  "load"};
        if (j.is_string() && free.contains(under)) j = j.get<std::string>() + " " + bad.toStdString();
        if (j.is_object())
            for (auto& [key, value] : j.items()) spoil(value, key);
        if (j.is_array())
            for (auto& value : j) spoil(value, under);
    }
    void looksPlain(const std::string& where) {
        QCoreApplication::processEvents();
        for (const QWidget* w : window->findChildren<QWidget*>()) {
            if (const auto* l = qobject_cast<const QLabel*>(w)) {
                EXPECT_NE(l->textFormat(), Qt::AutoText) << where << ": " << l->text().toStdString();
                if (l->textFormat() == Qt::RichText) {
                    EXPECT_FALSE(l->text().contains("<img")) << where << ": " << l->text().toStdString();
                    EXPECT_FALSE(l->text().contains("<b>x</b>")) << where << ": " << l->text().toStdString();
                }
            }
            const QString tip = w->toolTip();
            EXPECT_FALSE(Qt::mightBeRichText(tip) && tip.contains("<img"))
                << where << ": " << tip.toStdString();
        }
        EXPECT_FALSE(opened()) << where;
    }
    void walk() {
        for (Stage s : all_stages) {
            window->setStage(s);
            desk->settle();
            looksPlain(std::string(name_of(s)));
            window->toggleBigFigures();
            looksPlain(std::string(name_of(s)) + ", big");
            window->toggleBigFigures();
        }
        for (const Page& page :
             {Page{PageId::card}, Page{PageId::baseline}, Page{PageId::tools}, Page{PageId::wire},
              Page{PageId::making, "boards"}, Page{PageId::rig, "string-bars"}}) {
            window->showPage(page);
            desk->settle();
            looksPlain("page " + std::to_string(static_cast<int>(page.id)));
            window->showPage({});
        }
        window->showShelf();
        looksPlain("shelf");
        window->showCopies();
        looksPlain("copies");
        window->showCarPage(QString::fromStdString(desk->book().car_of(desk->jobId())));
        looksPlain("car");
        window->showPractice();
        looksPlain("practice");
    }
};

TEST_F(MarkupTest, OfEachDemoJobWithMarkupInAllItsWords) {
    UuidSource ids(sources());
    {
        book::Book b(path);
        b.set_name(bad.toStdString());
        for (const char* file : {"brask-hillclimb", "ollerby-pickup", "tarnby-estate"}) {
            book::Json j =
                book::parse_json(book::read_file(std::string(DATA_DIR) + "/demo/" + file + ".json"));
            spoil(j);
            b.import_job(book::parse_job(j.dump(), ids), file + std::string(" ") + bad.toStdString(), ids);
        }
    }
    open();
    for (const book::JobInfo& j : desk->book().jobs()) {
        window->openJob(QString::fromStdString(j.id));
        desk->settle();
        walk();
    }
    // It is still there, as it was written.
    EXPECT_TRUE(QString::fromStdString(desk->job().car.name).contains(bad));
}

TEST_F(MarkupTest, TypedIntoEveryLineThatTakesWords) {
    demo();
    open();
    desk->settle();
    QString line = bad;
    for (const QChar mark : {QChar(0x27E8), QChar(0x27E9)}) line.remove(mark);  // not on a keyboard
    // A reading, a strike with its reason, a reason to leave it, something loose, a note, a place.
    window->setStage(Stage::read);
    window->reading().ask(string_walk()[3]);
    window->slate().takeFocus();
    enter(line);
    looksPlain("reading");
    key(Qt::Key_Escape);
    enter("113");
    window->reading().startStrike();
    enter(line);
    desk->settle();
    looksPlain("strike");
    window->slate().startLoose();
    enter(line);
    desk->settle();
    looksPlain("loose");
    window->setStage(Stage::turn);
    window->turning().startAccept();
    enter(line);
    desk->settle();
    looksPlain("accept");
    for (Stage s :
         {Stage::ask, Stage::check_over, Stage::floor, Stage::steering, Stage::lines, Stage::drive}) {
        window->setStage(s);
        window->slate().takeFocus();
        if (window->focusWidget()) enter(line);
        desk->settle();
        looksPlain(std::string(name_of(s)));
        key(Qt::Key_Escape);
    }
    window->showCarPage({});
    for (QLineEdit* e : window->carPage().findChildren<QLineEdit*>()) e->setText(line);
    key(Qt::Key_Return, Qt::ControlModifier);
    looksPlain("car page");
    walk();
}

TEST(Markup, IsMadeOfMarksThatNobodyCanType) {
    EXPECT_EQ(html(QStringLiteral("⟨b⟩1 < 2 & 3⟨/b⟩")), "<b>1 &lt; 2 &amp; 3</b>");
    EXPECT_EQ(html(q("⟨b⟩<b>")), "&lt;b&gt;&lt;b&gt;");
    EXPECT_FALSE(Qt::mightBeRichText(plainTip("plain")));
    EXPECT_TRUE(plainTip("<b>bold</b>").contains("&lt;b&gt;"));
}

}  // namespace
}  // namespace fairchalk::desk

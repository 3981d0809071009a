// SPDX-License-Identifier: GPL-3.0-or-later
#include "speech/voice.h"

#include <QFile>
#include <QLocale>
#include <QProcess>
#include <QStandardPaths>
#include <QStringList>

namespace fairchalk::desk {
namespace {

/// An engine that is a program: it is handed one sentence, and ends when that was said.
struct Engine {
    const char* program;
    QStringList arguments;
};
QList<Engine> engines() {
    const QString language = QLocale().name().section(QLatin1Char('_'), 0, 0);
    return {
        {"spd-say", {QStringLiteral("--wait"), QStringLiteral("--language"), language, QStringLiteral("--")}},
        {"espeak-ng", {QStringLiteral("-v"), language, QStringLiteral("--")}},
        {"espeak", {QStringLiteral("-v"), language, QStringLiteral("--")}}};
}

class SystemVoice final : public QObject, public Voice {
  public:
    SystemVoice() {
        for (const Engine& e : engines())
            if (program_.isEmpty()) {
                program_ = QStandardPaths::findExecutable(QString::fromLatin1(e.program));
                arguments_ = e.arguments;
            }
        connect(&process_, &QProcess::finished, this, &SystemVoice::next);
        // One that does not start has nothing to say later either.
        connect(&process_, &QProcess::errorOccurred, this, [this](QProcess::ProcessError e) {
            if (e == QProcess::FailedToStart) program_.clear(), waiting_.clear();
        });
    }
    ~SystemVoice() override {
        disconnect(&process_, nullptr, this, nullptr);
        process_.kill();
        process_.waitForFinished(500);
    }
    QString trouble() const override {
        return program_.isEmpty() ? QObject::tr(
                                        "There is no speech engine here: with speech-dispatcher (spd-say) or "
                                        "espeak-ng installed it speaks.")
                                  : QString();
    }
    void say(const QString& sentence) override {
        if (program_.isEmpty()) return;
        waiting_ << sentence;
        if (process_.state() == QProcess::NotRunning) next();
    }
    void hush() override {
        waiting_.clear();
        process_.kill();
    }

  private:
    void next() {
        if (!waiting_.isEmpty()) process_.start(program_, arguments_ + QStringList{waiting_.takeFirst()});
    }

    QString program_;
    QStringList arguments_, waiting_;
    QProcess process_;
};

class FileVoice final : public Voice {
  public:
    explicit FileVoice(const QString& path) : file_(path) {
        if (!file_.open(QIODevice::Append)) why_ = file_.errorString();
    }
    QString trouble() const override { return why_; }
    void say(const QString& sentence) override {
        file_.write(sentence.toUtf8() + '\n');
        file_.flush();
    }

  private:
    QFile file_;
    QString why_;
};

}  // namespace

std::unique_ptr<Voice> systemVoice() {
    return std::make_unique<SystemVoice>();
}

std::unique_ptr<Voice> fileVoice(const QString& path) {
    return std::make_unique<FileVoice>(path);
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <memory>
#include <optional>

#include <QObject>

#include "job_desk.h"
#include "speech/voice.h"

namespace fairchalk::desk {

/// Says what somebody under a car can't look at: the next spot, what was kept as it was understood, what to
/// turn and what the rule then shows, a doubt, a refusal. Silent until asked; screen readers hear it always.
/// The words are those of the words layer.
class Speaker : public QObject {
    Q_OBJECT
  public:
    using MakeVoice = std::function<std::unique_ptr<Voice>()>;
    /// The voice is made when it is first asked to speak.
    Speaker(JobDesk& desk, MakeVoice make, QObject* parent = nullptr);

    bool on() const { return on_; }
    /// Speaks from now on, or no more. Gives what is to be shown of that.
    QString toggle();
    void setMake(MakeVoice make) { make_ = std::move(make), voice_.reset(); }

    void asked(const std::optional<Spot>& spot);
    void doubted(const QString& question);
    void turns();

  signals:
    void said(const QString& sentence);

  private:
    void kept();
    void say(const QString& sentence);

    JobDesk& desk_;
    MakeVoice make_;
    std::unique_ptr<Voice> voice_;
    bool on_ = false;
    std::string job_;
    std::size_t told_ = 0;  ///< entries whose keeping was said, or was before it spoke
    std::optional<Spot> spot_;
    QString sheet_;  ///< what was said of the turns last
};

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>

#include <QObject>
#include <QString>

namespace fairchalk::desk {

/// What says a sentence aloud. Sentences wait for one another.
class Voice {
  public:
    virtual ~Voice() = default;
    /// Nothing where it can speak; else why it can't.
    virtual QString trouble() const { return {}; }
    virtual void say(const QString& sentence) = 0;
    /// What is being said and what waits is left.
    virtual void hush() {}
};

/// The system's: speech-dispatcher with its own rate and voice, or a plain engine.
std::unique_ptr<Voice> systemVoice();
/// Writes what it would say into a file, a sentence a line: for tests, and for an engine of one's own.
std::unique_ptr<Voice> fileVoice(const QString& path);

}  // namespace fairchalk::desk

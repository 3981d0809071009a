// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <memory>
#include <vector>

#include "guide/guide.h"
#include "practice/forecast.h"

namespace fairchalk::desk {

/// Which way of measuring tonight? Each that the wall allows, played forward on cars with this card; the best
/// first, with why. Worked out beside the window, and left when the question is.
class TonightQuestion : public ListQuestion {
    Q_OBJECT
  public:
    explicit TonightQuestion(JobDesk& desk, QObject* parent = nullptr);
    ~TonightQuestion() override;

    QString title() const override { return tr("Which way tonight?"); }
    QString body() const override;
    QString say() const override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    bool ready() const { return ready_; }
    const std::vector<practice::WayForecast>& ways() const { return ways_; }

  private:
    QString name(const practice::WayForecast& way) const;

    std::shared_ptr<std::atomic<bool>> stop_;
    bool ready_ = false;
    std::vector<practice::WayForecast> ways_;
};

}  // namespace fairchalk::desk

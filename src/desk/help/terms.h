// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include <QPainter>
#include <QString>

#include "core/quantity/notation.h"

namespace fairchalk::desk {

/// A word of the job with a drawing that moves: `at` is how far it is dragged, from -1 to 1.
struct Term {
    const char* id;
    QString name;
    QString text;  ///< what it is, in a few sentences
    QString drag;  ///< what dragging does
    double start;  ///< where it stands at first
    QString (*says)(double at, const Show& how);
    void (*draw)(QPainter& p, double at);
};

/// The size that they are drawn in.
constexpr double term_width = 720.0, term_height = 460.0;

const std::vector<Term>& terms();
const Term* term_named(const QString& id);

/// The camber of a left wheel that stands upright and straight, once it is steered by `out` (front outward):
/// exact, about its own steering axis. Degrees.
double camber_when_steered(double caster_deg, double sai_deg, double out_deg);

}  // namespace fairchalk::desk

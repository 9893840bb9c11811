#pragma once
/// What practice draws its sounds, drums and hands by.
#include <QRandomGenerator>

namespace bombo {

/// One for the program; tests seed it, so that every run draws alike.
inline QRandomGenerator& practiceDeal() {
    static QRandomGenerator deal = QRandomGenerator::securelySeeded();
    return deal;
}

} // namespace bombo

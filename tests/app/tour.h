#pragma once
/// Walks the demo from the first page to the logbook and shows every view on the way.
#include "driver.h"

#include <QPixmap>

namespace bombo::testing {

/// What is done at each view.
class Visitor {
public:
    virtual ~Visitor() = default;
    /// A view of its own.
    virtual void see(const QString& name, QWidget& window) = 0;
    /// A part, in a state that the walk does not show whole.
    virtual void glance(QWidget&) {}
    /// A picture put together of several.
    virtual void keep(const QString&, const QPixmap&) {}
};

/// Lets every widget find its place: a text that grows moves the panels around it, one level after the other.
void settle();

/// @param program with the demo open, in a window of that size
void tour(Program& program, Visitor& visitor, QSize size);

} // namespace bombo::testing

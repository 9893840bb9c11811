#pragma once
/// Names and notes are a stranger's words: no label, tool tip or message takes them for a page with pictures
/// and links.
#include <QObject>

namespace bombo {

/// Put on the application as an event filter, it makes every label plain that was not made rich on purpose,
/// and shows tool tips as they are written.
class PlainWords : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override;
};

/// For the desktop's notifications, which may read marks of a page in their text.
QString withoutMarks(const QString& text);

} // namespace bombo

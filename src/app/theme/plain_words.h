#pragma once
/// Names and notes are a stranger's words: no label, tool tip or message takes them for a page with pictures
/// and links.
#include <QObject>

class QCoreApplication;

namespace bombo {

/// Put on the application as an event filter, it makes every label plain that was not made rich on purpose,
/// and shows tool tips as they are written.
class PlainWords : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override;
};

/// Puts it on the application, once.
void showWordsPlainly(QCoreApplication& application);

} // namespace bombo

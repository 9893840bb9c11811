#pragma once
/// What a person does with the dialog that opens next.
#include <QApplication>
#include <QTimer>

namespace bombo::testing {

/// Once a dialog of its kind is open in front, does something with it.
template <class Dialog, class Answer> void answerNext(Answer answer) {
    QTimer::singleShot(10, qApp, [answer] {
        if (auto* dialog = qobject_cast<Dialog*>(QApplication::activeModalWidget()))
            answer(*dialog);
        else
            answerNext<Dialog>(answer);
    });
}

} // namespace bombo::testing

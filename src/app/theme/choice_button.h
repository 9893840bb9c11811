#pragma once
/// A way to go on: what it is, in large, and a line of what it means. The first of several is the usual one.
#include "app/theme/parts.h"
#include "app/theme/scale.h"

namespace bombo {

class ChoiceButton : public PrimaryButton {
    Q_OBJECT
public:
    /// @param key what presses it, shown at its right
    ChoiceButton(const QString& title, const QString& meaning, const QString& key, bool isUsual = false);
    void say(const QString& title, const QString& meaning);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return scaled(QSize(300, 66)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QString m_meaning;
    QString m_key;
    bool m_isUsual;
};

} // namespace bombo

#pragma once
#include "app/theme/scale.h"

#include "core/tuning/targets.h"

#include <QAbstractButton>

namespace bombo {

/// A tone to choose: its name, its ear-words, and what it asks of the drum at hand.
class ToneButton : public QAbstractButton {
    Q_OBJECT
public:
    explicit ToneButton(const Tone& tone, QWidget* parent = nullptr);
    void showAsk(const QString& ask);
    QSize sizeHint() const override { return scaled(QSize(260, 82)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QString m_words;
    QString m_ask;
};

} // namespace bombo

#pragma once
/// One answer to the question at hand, with the key that gives it.
#include "app/theme/parts.h"
#include "app/theme/scale.h"

namespace bombo {

class AnswerButton : public PrimaryButton {
    Q_OBJECT
public:
    explicit AnswerButton(const QString& key, QWidget* parent = nullptr);
    QSize sizeHint() const override { return scaled(QSize(170, 68)); }
    QSize minimumSizeHint() const override { return scaled(QSize(104, 68)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QString m_key;
};

} // namespace bombo

#pragma once
/// A show as lanes: a drum each, from the first number down to the last.
#include "app/theme/scale.h"
#include "core/log/set_list.h"

#include <QStringList>
#include <QWidget>

namespace bombo {

struct ShowPicture {
    QStringList drums;
    QStringList tones; ///< of each number
    std::vector<double> minutes;
    std::vector<ShowStep> steps;
    QStringList texts; ///< what is done before each
};

class ShowView : public QWidget {
    Q_OBJECT
public:
    explicit ShowView(QWidget* parent = nullptr);
    void show(ShowPicture picture);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    ShowPicture m_picture;
};

} // namespace bombo

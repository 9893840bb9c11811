#pragma once
/// What was wanted as a band, what it is as a mark, a line each; the mark's shape says how that is known.
#include "app/theme/scale.h"

#include "core/record/proof.h"

#include <QWidget>
#include <vector>

namespace bombo {

class ProofPicture : public QWidget {
    Q_OBJECT
public:
    explicit ProofPicture(QWidget* parent = nullptr);
    void show(std::vector<ProofLine> lines);
    QSize minimumSizeHint() const override { return scaled(QSize(640, 300)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<ProofLine> m_lines;
};

/// Where a mark stands on a line of this span: the band in its middle third, or in its first where any amount
/// on one side will do. What is far off stands at the end.
double markAt(const ProofLine& line, double left, double right);

} // namespace bombo

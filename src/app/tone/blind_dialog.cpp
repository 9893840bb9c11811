#include "app/tone/blind_dialog.h"

#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QDialogButtonBox>
#include <QGridLayout>
#include <QVBoxLayout>

namespace bombo {

BlindDialog::BlindDialog(const PreviewStroke& wanted, const PreviewStroke& present, quint32 seed,
                         QWidget* parent)
    : QDialog(parent), m_wanted(wanted), m_present(present), m_dice(seed) {
    keepWordsWhole(this);
    setWindowTitle(tr("Blind comparison"));
    auto* column = new QVBoxLayout(this);
    auto* words =
        textLabel("quiet", tr("One of the two is what you want, the other the drum as it is, equally "
                              "loud. The order changes after each answer."));
    words->setWordWrap(true);
    column->addWidget(words);
    auto* grid = new QGridLayout;
    for (const bool first : {true, false}) {
        auto* hear = new QPushButton(first ? tr("Hear the first") : tr("Hear the second"));
        hear->setObjectName(first ? QStringLiteral("hearFirst") : QStringLiteral("hearSecond"));
        connect(hear, &QPushButton::clicked, this,
                [this, first] { emit play(first == m_wantedFirst ? m_wanted : m_present); });
        auto* choose =
            new QPushButton(first ? tr("The first is the wanted") : tr("The second is the wanted"));
        choose->setObjectName(first ? QStringLiteral("chooseFirst") : QStringLiteral("chooseSecond"));
        connect(choose, &QPushButton::clicked, this, [this, first] { answer(first); });
        grid->addWidget(hear, 0, first ? 0 : 1);
        grid->addWidget(choose, 1, first ? 0 : 1);
    }
    column->addLayout(grid);
    m_tally = textLabel("strong", tr("No answer yet."));
    m_tally->setObjectName(QStringLiteral("tally"));
    m_tally->setWordWrap(true);
    column->addWidget(m_tally);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    shuffle();
}

void BlindDialog::shuffle() {
    m_wantedFirst = m_dice() % 2 == 0;
}

void BlindDialog::answer(bool first) {
    ++m_tries;
    const bool right = first == m_wantedFirst;
    m_right += right ? 1 : 0;
    QString text = (right ? tr("Right: the %1 was the wanted.") : tr("No: the %1 was the wanted."))
                       .arg(m_wantedFirst ? tr("first") : tr("second"));
    text += QLatin1Char(' ') + tr("Right so far: %1 of %2.").arg(m_right).arg(m_tries);
    if (m_tries >= 5)
        text += QLatin1Char(' ') + (m_right * 5 >= m_tries * 4 ? tr("You can tell them apart.")
                                                               : tr("By ear they are as good as the same."));
    m_tally->setText(text);
    shuffle();
}

} // namespace bombo

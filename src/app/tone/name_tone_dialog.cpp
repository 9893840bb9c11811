#include "app/tone/name_tone_dialog.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QDialogButtonBox>
#include <QVBoxLayout>

namespace bombo {

NameToneDialog::NameToneDialog(const QString& title, const QString& suggestion, const QStringList& says,
                               QWidget* parent)
    : QDialog(parent) {
    keepWordsWhole(this);
    setWindowTitle(title);
    setMinimumWidth(460);
    auto* column = new QVBoxLayout(this);
    for (const QString& line : says) {
        auto* label = textLabel("quiet", line);
        label->setWordWrap(true);
        column->addWidget(label);
    }
    column->addWidget(textLabel("strong", tr("Name and ear-words")));
    m_name = new QLineEdit(suggestion);
    m_name->setObjectName(QStringLiteral("toneName"));
    m_name->setPlaceholderText(tr("Rain: low, blurred, long wire"));
    m_name->selectAll();
    column->addWidget(m_name);
    m_problem = textLabel("quiet");
    m_problem->setObjectName(QStringLiteral("toneProblem"));
    column->addWidget(m_problem);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Save | QDialogButtonBox::Cancel);
    connect(buttons, &QDialogButtonBox::accepted, this, &NameToneDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
}

QString NameToneDialog::name() const {
    return m_name->text().trimmed();
}

void NameToneDialog::accept() {
    if (name().isEmpty()) {
        m_problem->setText(tr("Give the tone a name, so that you find it again."));
        m_name->setFocus();
        return;
    }
    QDialog::accept();
}

QStringList recordingWords(const HitPortrait& hit, const ToneFromHit& made, Seconds openRing) {
    QStringList lines;
    QStringList heard{NameToneDialog::tr("centre %1 ±%2 Hz")
                          .arg(pitchText(hit.centre))
                          .arg(number(hit.centreError.value, 1))};
    if (hit.edge)
        heard << NameToneDialog::tr("edge over centre %1").arg(number(*hit.edge / hit.centre, 2));
    if (hit.ring)
        heard << NameToneDialog::tr("ring %1 ±%2 s")
                     .arg(number(hit.ring->value, 2))
                     .arg(number(hit.ringError.value_or(Seconds{}).value, 2));
    heard << (hit.buzz ? NameToneDialog::tr("wires for %1 s").arg(number(hit.buzz->value, 2))
                       : NameToneDialog::tr("no wires"));
    heard << NameToneDialog::tr("brightness about %1 Hz").arg(number(hit.brightness.value, 0));
    const QString all = heard.join(QStringLiteral(", "));
    lines << (hit.hits == 1 ? NameToneDialog::tr("Heard in one stroke: %1").arg(all)
                            : NameToneDialog::tr("Heard in %1 strokes: %2").arg(hit.hits).arg(all));
    if (made.limit == TargetLimit::None)
        lines << NameToneDialog::tr("This drum can do it: centre %1, edge over centre %2.")
                     .arg(hertzText(made.centreReached))
                     .arg(number(made.edgeOverCentreReached, 2));
    else
        lines << NameToneDialog::tr(
                     "This drum cannot do both: %1. The nearest: centre %2, edge over centre %3.")
                     .arg(limitWords(made.limit), hertzText(made.centreReached))
                     .arg(number(made.edgeOverCentreReached, 2));
    if (!made.edgeOverCentreHeard)
        lines << NameToneDialog::tr("No edge pitch stood out; a fourth between the heads is taken.");
    if (!made.ringTaken)
        lines << NameToneDialog::tr("Noise hides the ring; the usual ring is taken.");
    else if (made.tone.ring.value > 1.15 * openRing.value)
        lines << NameToneDialog::tr(
                     "Left open, this drum rings about %1 s: shorter than the recording, and nothing "
                     "lengthens it.")
                     .arg(number(openRing.value, 2));
    lines << NameToneDialog::tr("Brightness comes from stick, head and room; it is noted, not aimed at.");
    return lines;
}

} // namespace bombo

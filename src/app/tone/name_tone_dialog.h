#pragma once
#include "core/tuning/tone_from_hit.h"

#include <QDialog>
#include <QLabel>
#include <QLineEdit>

namespace bombo {

/// Names a tone that was made from a recording or a setup, after saying what it holds.
class NameToneDialog : public QDialog {
    Q_OBJECT
public:
    /// @param says what was heard and what this drum can do of it, line by line
    NameToneDialog(const QString& title, const QString& suggestion, const QStringList& says,
                   QWidget* parent = nullptr);
    QString name() const;

    void accept() override;

private:
    QLineEdit* m_name;
    QLabel* m_problem;
};

/// What a recorded hit said and what this drum can do of it.
/// @param openRing of this drum at the tone's targets
QStringList recordingWords(const HitPortrait& hit, const ToneFromHit& made, Seconds openRing);

} // namespace bombo

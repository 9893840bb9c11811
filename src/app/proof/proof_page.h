#pragma once
#include "app/listening/listening_strip.h"
#include "app/route/station_page.h"
#include "core/record/proof.h"

#include <QLabel>
#include <QPlainTextEdit>
#include <QTableWidget>

namespace bombo {

/// Brief against what was reached; the note; save.
class ProofPage : public StationPage {
    Q_OBJECT
public:
    explicit ProofPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh() override;
    QPushButton* primary() override { return m_primary; }

private:
    QLabel* m_brief;
    QTableWidget* m_table;
    QPlainTextEdit* m_note;
    QLabel* m_summary;
    QPushButton* m_primary;
    ListeningStrip* m_listening;
};

} // namespace bombo

#pragma once
#include "app/listening/listening_strip.h"
#include "app/proof/blind_panel.h"
#include "app/proof/experiment_panel.h"
#include "app/proof/proof_picture.h"
#include "app/proof/scatter_picture.h"
#include "app/proof/steady_picture.h"
#include "app/route/station_page.h"
#include "core/record/proof.h"

#include <QLabel>
#include <QPlainTextEdit>
#include <QStackedWidget>
#include <QTabBar>
#include <QTableWidget>

namespace bombo {

/// Brief against what was reached; player or drum; one change at a time; the note; save and print.
class ProofPage : public StationPage {
    Q_OBJECT
public:
    explicit ProofPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh() override;
    PrimaryButton* primary() override { return m_primary; }
    /// Writes the page as PDF. @return false after a notice
    bool savePage(const QString& path);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void showAsTable(bool isTable);
    QWidget* linesView();
    QWidget* strokesView();
    QWidget* changeView();
    QWidget* noteSide();
    QWidget* saveSide();
    void fillTable(const std::vector<ProofLine>& lines);
    void print();

    QLabel* m_brief;
    QTabBar* m_views;
    QStackedWidget* m_stack;
    QStackedWidget* m_lines; ///< the picture, and the table behind it
    ProofPicture* m_picture;
    QTableWidget* m_table;
    QPushButton* m_asTable;
    ScatterView* m_scatter;
    SteadyView* m_steady;
    QLabel* m_scatterNow;
    QLabel* m_scatterFigures;
    QLabel* m_scatterAdvice;
    ExperimentPanel* m_experiment;
    BlindPanel* m_blind;
    QPlainTextEdit* m_note;
    std::vector<QPushButton*> m_stars;
    QLabel* m_summary;
    QPushButton* m_savePage;
    QPushButton* m_print;
    PrimaryButton* m_primary;
    ListeningStrip* m_listening;
};

} // namespace bombo

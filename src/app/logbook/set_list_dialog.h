#pragma once
/// A show: its tones in order with the minutes between; which drum plays each, and what is turned before it.
#include "app/session/session_controller.h"
#include "app/theme/parts.h"
#include "core/record/drum_in_show.h"

#include <QDialog>
#include <QLabel>
#include <QTableWidget>

namespace bombo {

class ShowStand;
class ShowView;
struct ShowAtHand;

class SetListDialog : public QDialog {
    Q_OBJECT
public:
    /// @pre the controller has a session
    explicit SetListDialog(SessionController& controller, QWidget* parent = nullptr);

private:
    struct Line {
        std::string tone;
        double minutes = 0;
        bool stays = false; ///< in its place, when a better order is looked for
        bool operator==(const Line&) const = default;
    };
    /// A drum that may play, as its newest session has it, with its entries.
    struct Played {
        Session session;
        std::vector<Entry> entries;
    };
    void lookAtDrums();
    void addLine(const Line& line, int row);
    void load();
    void keep();
    void showOther();
    QString m_kept; ///< as the workbook had it when it was read or written here
    std::vector<Line> lines() const;
    std::string nextTone() const;
    /// From a number of the list on, as the drums stand.
    ShowAtHand showFrom(int row) const;
    void plan();
    void move(int by);
    void putIn(const std::vector<Line>& lines);
    void improveOrder();
    void namePlay();
    void toStand();
    void leaveStand();

    SessionController& m_controller;
    std::vector<Played> m_played;
    QTableWidget* m_table;
    ShowView* m_view;
    QLabel* m_sum;
    QPushButton* m_order;
    std::vector<Line> m_before; ///< the order that was given up last; empty once something else was changed
    PrimaryButton* m_play;
    ShowStand* m_stand;
};

} // namespace bombo

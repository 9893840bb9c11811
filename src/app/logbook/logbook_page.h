#pragma once
#include "app/logbook/biography.h"
#include "app/logbook/log_model.h"
#include "app/theme/parts.h"

#include <QComboBox>
#include <QLineEdit>
#include <QStackedWidget>
#include <QTabBar>
#include <QTableView>

class QSortFilterProxyModel;

namespace bombo {

class BackPanel;
class ComparePanel;
class DuePanel;
class FilterBar;
class LikedPanel;
class SeasonView;
class WordsPanel;

/// A drum's life as a picture or a list; the way back to any entry, what differs, what is due.
class LogbookPage : public QWidget {
    Q_OBJECT
public:
    explicit LogbookPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh();
    PrimaryButton* primary() { return m_back; }

signals:
    void setupOpened();

private:
    QWidget* seasonSide();
    QWidget* listSide();
    QWidget* lowerSide();
    void saveCard();
    void fill();
    void fillSeason();
    void fillList();
    void showChosen();
    void showAsList(bool isList);
    bool isList() const;
    const Entry* chosen();
    void choose(std::int64_t id);
    void takeBack();
    /// Deletes what is inHand().
    void remove();
    void showBin();
    /// The rows that are selected in the list.
    std::vector<qint64> selected() const;
    /// What is worked on: several selected entries of the list, else the one chosen.
    std::vector<qint64> inHand() const;
    void sayCount();
    /// Two that are selected: the one in hand against the other.
    void compareSelected();

    SessionController& m_controller;
    Biography m_biography;
    std::int64_t m_chosen = 0;     ///< id of an entry
    std::string m_inFront;         ///< the drum when the page was filled last
    QString m_shownAs;             ///< drum and tone of the season in view
    std::vector<qint64> m_deleted; ///< the last ones, to be had back
    LogModel* m_entries;
    QSortFilterProxyModel* m_sorted;
    QLabel* m_title;
    QLabel* m_what;
    QComboBox* m_drum;
    QComboBox* m_tone;
    QLineEdit* m_search;
    FilterBar* m_filter;
    QPushButton* m_asList;
    QPushButton* m_restore;
    QPushButton* m_bin;
    QStackedWidget* m_stack;
    SeasonView* m_season;
    QTableView* m_table;
    QTabBar* m_tabs;
    QStackedWidget* m_panels;
    BackPanel* m_backPanel;
    ComparePanel* m_compare;
    LikedPanel* m_liked;
    WordsPanel* m_words;
    DuePanel* m_due;
    QPushButton* m_card;
    QPushButton* m_open;
    PrimaryButton* m_back;
};

} // namespace bombo

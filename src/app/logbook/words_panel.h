#pragma once
/// What people say of an entry, to be changed afterwards; and to be rid of it.
#include "core/log/entry.h"

#include <QCheckBox>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTimer>
#include <QWidget>

namespace bombo {

class NumberBox;

class WordsPanel : public QWidget {
    Q_OBJECT
public:
    explicit WordsPanel(QWidget* parent = nullptr);
    void show(const Entry* entry);
    /// How many entries *Delete* would take.
    void countToDelete(int entries);

signals:
    /// @param before as they were shown
    void changed(qint64 id, const bombo::EntryWords& before, const bombo::EntryWords& words);
    void deleteAsked();

private:
    EntryWords said() const;
    void keep();

    qint64 m_id = 0;
    EntryWords m_kept;
    int m_stars = 0;
    QPlainTextEdit* m_note;
    QLineEdit* m_player;
    QLineEdit* m_place;
    QLineEdit* m_tags;
    QCheckBox* m_pinned;
    NumberBox* m_hours;
    std::vector<QPushButton*> m_starButtons;
    QPushButton* m_keep;
    QPushButton* m_delete;
    QTimer m_pause; ///< since the last key in the note
};

} // namespace bombo

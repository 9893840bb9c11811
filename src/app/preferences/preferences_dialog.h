#pragma once
/// All that the user can choose once for every workbook, on one page; what is chosen holds at once.
#include "app/session/session_controller.h"

#include <QDialog>

class QGridLayout;

namespace bombo {

class PreferencesDialog : public QDialog {
    Q_OBJECT
public:
    explicit PreferencesDialog(SessionController& controller, QWidget* parent = nullptr);
    /// Code of another language than the window's; the window has to be made anew once this has closed.
    const QString& languageChosen() const { return m_language; }

signals:
    void themeChosen(bombo::ThemeChoice choice);
    void wordsChosen(int percent);
    void unitsChosen(const bombo::UnitsShown& units);
    void guideChosen(bool on);

private:
    void addLook(QGridLayout& grid);
    void addFigures(QGridLayout& grid);
    void addHands(QGridLayout& grid);
    void addSound(QGridLayout& grid);
    void heading(QGridLayout& grid, const QString& words);
    void line(QGridLayout& grid, const QString& label, QWidget* field, const char* name);

    SessionController& m_controller;
    QString m_language;
};

} // namespace bombo

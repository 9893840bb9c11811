#pragma once
/// A drum described by sight: every choice is drawn, everything may stay unknown.
#include "app/drum/drum_sights.h"
#include "app/drum/picture_tile.h"
#include "app/theme/parts.h"
#include "core/drum/catalogue.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QSpinBox>
#include <QVBoxLayout>

namespace bombo {

class DraftPicture;

class DrumMaker : public QWidget {
    Q_OBJECT
public:
    explicit DrumMaker(QWidget* parent = nullptr);
    /// @param drum where to begin from
    /// @param taken names of other drums
    void begin(const Drum& drum, const QStringList& taken, const QString& title, const QString& done);
    PrimaryButton* primary() { return m_primary; }

signals:
    void made(const bombo::Drum& drum);
    void left();

private:
    using Rebuild = std::function<void()>;
    QWidget* sizeRow();
    QWidget* rodsRow();
    QWidget* shellRow();
    QWidget* batterRow();
    QWidget* wiresRow();
    QWidget* exactRow();
    /// Tiles of which one is chosen, with "I don't know" at their end where `unknown` is given.
    template <class T, class Chosen>
    QLayout* tiles(const char* name, const std::vector<std::pair<T, PictureTile*>>& all, Chosen chosen);
    PictureTile* unknownTile(const char* name, const Rebuild& chosen);
    void show();
    void finish();

    Catalogue m_catalogue;
    Drum m_drum;
    QStringList m_taken;
    bool m_isShowing = false; ///< the boxes are being set by us
    QLabel* m_title;
    QLineEdit* m_name;
    DraftPicture* m_picture;
    QLabel* m_sentence;
    QLabel* m_assumed;
    QLabel* m_problem;
    QDoubleSpinBox* m_diameter;
    QDoubleSpinBox* m_depth;
    QSpinBox* m_rods;
    QComboBox* m_material;
    QComboBox* m_batter;
    QComboBox* m_snareSide;
    QComboBox* m_wires;
    QComboBox* m_hoop;
    QComboBox* m_marked;
    std::vector<std::pair<PictureTile*, std::function<bool()>>> m_tiles; ///< with when each is the chosen one
    PrimaryButton* m_primary;
};

/// What is taken for granted, and by how much the first turns may be off for it; empty where all is known.
QString assumedText(const Drum& drum, const Catalogue& catalogue);

} // namespace bombo

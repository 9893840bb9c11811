#pragma once
/// Everything the program remembers outside the workbook, typed and in one place.
#include "app/session/units_shown.h"
#include "app/theme/palette.h"
#include "core/practice/practice_room.h"

#include <QByteArray>
#include <QSettings>
#include <QString>
#include <array>
#include <optional>
#include <vector>

namespace bombo {

/// A workbook that was open, and what stood in it then.
struct RecentWorkbook {
    QString path;
    QString drum;
    QString tone;
    int station = 0; ///< of kStations
    qint64 at = 0;   ///< seconds since 1970
    bool operator==(const RecentWorkbook&) const = default;
};

/// Sizes of words that can be chosen, in per cent; 0: as the window affords.
inline constexpr std::array kWordSizes{0, 100, 125, 150, 200};

class Settings {
public:
    /// @param file an INI file; empty: the user's own
    explicit Settings(const QString& file = {});

    /// What keeps the settings from being read or kept, in a sentence; empty: nothing.
    QString problem() const;
    /// A workbook that was open when the program ended without closing it; empty where it ended well.
    QString leftOpen() const;
    void setLeftOpen(const QString& path);
    QString lastWorkbook() const;
    void setLastWorkbook(const QString& path);
    /// The newest first, a handful; those that are gone stay until newer ones push them out.
    std::vector<RecentWorkbook> recentWorkbooks() const;
    void noteRecent(const RecentWorkbook& workbook);
    ThemeChoice theme() const;
    void setTheme(ThemeChoice choice);
    int wordsPercent() const; ///< size of words and pictures; 0: as the window affords
    void setWordsPercent(int percent);
    QString language() const; ///< a code of languages(); empty: as the system
    void setLanguage(const QString& code);
    QByteArray inputDevice() const; ///< id; empty: the default
    void setInputDevice(const QByteArray& id);
    /// By how much the clock of an input device reads sharp; 0 if it was never compared.
    Cents clockOf(const QByteArray& device) const;
    void setClockOf(const QByteArray& device, Cents sharp);
    /// What the last check of an input device found, see storedCheck; empty if it was never checked.
    QString checkOf(const QByteArray& device) const;
    void setCheckOf(const QByteArray& device, const QString& found);
    /// Output for the short sounds of heard and again; empty: they are off.
    QByteArray cueOutput() const;
    void setCueOutput(const QByteArray& id);
    double practiceSloppiness() const; ///< see PracticeHands; 1 if never chosen
    void setPracticeSloppiness(double sloppiness);
    bool practiceHum() const; ///< mains hum in the practice room
    void setPracticeHum(bool hum);
    PracticeRoom practiceRoom() const; ///< the rehearsal room if never chosen; the seed is the drum's
    void setPracticeRoom(const PracticeRoom& room);
    bool practiceAudible() const; ///< play the practice drum through the loudspeaker
    void setPracticeAudible(bool audible);
    bool leftHanded() const;
    void setLeftHanded(bool left);
    /// A key, with its modifiers, that goes on as the space bar does: of a foot switch; 0: none.
    int goOnKey() const;
    void setGoOnKey(int key);
    UnitsShown units() const;
    void setUnits(const UnitsShown& units);
    /// Whether the line for a first job walks along; empty: nobody has begun yet.
    std::optional<bool> guide() const;
    void setGuide(bool on);
    /// Whether pictures may move; empty: as the desktop says.
    std::optional<bool> picturesMove() const;
    void setPicturesMove(bool move);
    QString folderOf(const QString& kind) const; ///< where the last file of a kind was; empty: none was yet
    void setFolderOf(const QString& kind, const QString& folder);
    QByteArray windowGeometry() const;
    void setWindowGeometry(const QByteArray& geometry);

private:
    QSettings m_store;
};

} // namespace bombo

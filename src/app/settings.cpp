#include "app/settings.h"

#include "core/reading/steady_tone.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <algorithm>

namespace bombo {
namespace {

/// Of the names below and what they mean: a new one where an older program would read a value otherwise.
constexpr int kFormatKnown = 1;

// Stored names, untranslated.
const QString kFormat = QStringLiteral("settings/format");
const QString kLastWorkbook = QStringLiteral("workbook/last");
const QString kLeftOpen = QStringLiteral("workbook/open");
const QString kRecent = QStringLiteral("workbook/recent");
const QString kTheme = QStringLiteral("view/theme");
const QString kWords = QStringLiteral("view/words");
const QString kLanguage = QStringLiteral("view/language");
const QString kReferencePitch = QStringLiteral("view/reference_pitch_hz");
const QString kMillimetres = QStringLiteral("view/millimetres");
const QString kDetails = QStringLiteral("view/details");
const QString kGeometry = QStringLiteral("view/geometry");
const QString kInputDevice = QStringLiteral("sound/input_device");
const QString kClocks = QStringLiteral("sound/clock_cents/");
const QString kChecks = QStringLiteral("sound/checked/");
const QString kCueOutput = QStringLiteral("sound/cue_output");
const QString kSloppiness = QStringLiteral("practice/sloppiness");
const QString kHum = QStringLiteral("practice/hum");
const QString kRoom = QStringLiteral("practice/room");
const QString kFarMicrophone = QStringLiteral("practice/far_microphone");
const QString kPracticeMicrophone = QStringLiteral("practice/microphone");
const QString kLeftHanded = QStringLiteral("hands/left");
const QString kFolders = QStringLiteral("folders/");
const QString kGuide = QStringLiteral("view/guide");
const QString kPicturesMove = QStringLiteral("view/pictures_move");
const QString kGoOnKey = QStringLiteral("hands/go_on_key");
const QString kPracticeAudible = QStringLiteral("sound/practice_audible");

QString themeName(ThemeChoice choice) {
    switch (choice) {
    case ThemeChoice::Day:
        return QStringLiteral("day");
    case ThemeChoice::Night:
        return QStringLiteral("night");
    case ThemeChoice::System:
        break;
    }
    return QStringLiteral("system");
}

} // namespace

Settings::Settings(const QString& file)
    : m_store(file.isEmpty() ? QSettings(QStringLiteral("bombo"), QStringLiteral("bombo")).fileName() : file,
              QSettings::IniFormat) {
    if (m_store.value(kFormat, 0).toInt() < kFormatKnown && m_store.status() == QSettings::NoError)
        m_store.setValue(kFormat, kFormatKnown);
}

QString Settings::problem() const {
    const QFileInfo file(m_store.fileName());
    if (m_store.status() == QSettings::FormatError)
        return QCoreApplication::translate("Settings",
                                           "The file of settings %1 is damaged: Bombo starts with what is "
                                           "usual, and writes it anew.")
            .arg(file.filePath());
    if (m_store.status() == QSettings::AccessError || (file.exists() && !file.isReadable()) ||
        !m_store.isWritable())
        return QCoreApplication::translate("Settings",
                                           "The file of settings %1 cannot be read or written: what you "
                                           "choose holds until Bombo ends.")
            .arg(file.filePath());
    if (m_store.value(kFormat).toInt() > kFormatKnown)
        return QCoreApplication::translate("Settings",
                                           "A newer Bombo wrote the settings %1: what this one knows of "
                                           "them holds, the rest is left as it is. To have all of them, "
                                           "install the newer version.")
            .arg(file.filePath());
    return {};
}
QString Settings::leftOpen() const {
    return m_store.value(kLeftOpen).toString();
}
void Settings::setLeftOpen(const QString& path) {
    m_store.setValue(kLeftOpen, path);
    m_store.sync();
}
QString Settings::lastWorkbook() const {
    return m_store.value(kLastWorkbook).toString();
}
void Settings::setLastWorkbook(const QString& path) {
    m_store.setValue(kLastWorkbook, path);
}

std::vector<RecentWorkbook> Settings::recentWorkbooks() const {
    std::vector<RecentWorkbook> found;
    for (const QVariant& one : m_store.value(kRecent).toList()) {
        const QStringList parts = one.toStringList();
        if (parts.size() == 5)
            found.push_back({parts[0], parts[1], parts[2], parts[3].toInt(), parts[4].toLongLong()});
    }
    return found;
}
void Settings::noteRecent(const RecentWorkbook& workbook) {
    constexpr std::size_t most = 6;
    std::vector<RecentWorkbook> all = recentWorkbooks();
    std::erase_if(all, [&](const RecentWorkbook& one) { return one.path == workbook.path; });
    all.insert(all.begin(), workbook);
    all.resize(std::min(all.size(), most));
    QVariantList kept;
    for (const RecentWorkbook& one : all)
        kept << QVariant(
            QStringList{one.path, one.drum, one.tone, QString::number(one.station), QString::number(one.at)});
    m_store.setValue(kRecent, kept);
}

QString Settings::language() const {
    return m_store.value(kLanguage).toString();
}
void Settings::setLanguage(const QString& code) {
    m_store.setValue(kLanguage, code);
}

int Settings::wordsPercent() const {
    const int percent = m_store.value(kWords).toInt();
    return percent >= 100 && percent <= 300 ? percent : 0;
}

void Settings::setWordsPercent(int percent) {
    m_store.setValue(kWords, percent);
}

ThemeChoice Settings::theme() const {
    const QString name = m_store.value(kTheme).toString();
    for (const ThemeChoice choice : {ThemeChoice::Day, ThemeChoice::Night})
        if (name == themeName(choice))
            return choice;
    return ThemeChoice::System;
}
void Settings::setTheme(ThemeChoice choice) {
    m_store.setValue(kTheme, themeName(choice));
}

QByteArray Settings::inputDevice() const {
    return m_store.value(kInputDevice).toByteArray();
}
void Settings::setInputDevice(const QByteArray& id) {
    m_store.setValue(kInputDevice, id);
}
Cents Settings::clockOf(const QByteArray& device) const {
    const double cents = m_store.value(kClocks + QString::fromLatin1(device.toHex())).toDouble();
    return Cents{std::clamp(cents, -kFarthestClock.value, kFarthestClock.value)};
}
void Settings::setClockOf(const QByteArray& device, Cents sharp) {
    m_store.setValue(kClocks + QString::fromLatin1(device.toHex()), sharp.value);
}
QString Settings::checkOf(const QByteArray& device) const {
    return m_store.value(kChecks + QString::fromLatin1(device.toHex())).toString();
}
void Settings::setCheckOf(const QByteArray& device, const QString& found) {
    m_store.setValue(kChecks + QString::fromLatin1(device.toHex()), found);
}
QByteArray Settings::cueOutput() const {
    return m_store.value(kCueOutput).toByteArray();
}
void Settings::setCueOutput(const QByteArray& id) {
    m_store.setValue(kCueOutput, id);
}
double Settings::practiceSloppiness() const {
    return std::clamp(m_store.value(kSloppiness, 1.0).toDouble(), 0.0, 5.0);
}
void Settings::setPracticeSloppiness(double sloppiness) {
    m_store.setValue(kSloppiness, sloppiness);
}
bool Settings::practiceHum() const {
    return m_store.value(kHum, false).toBool();
}
void Settings::setPracticeHum(bool hum) {
    m_store.setValue(kHum, hum);
}
PracticeRoom Settings::practiceRoom() const {
    PracticeRoom room;
    const std::string name = m_store.value(kRoom, QString()).toString().toStdString();
    if (const auto kind = std::find(kRoomNames.begin(), kRoomNames.end(), name); kind != kRoomNames.end())
        room.kind = static_cast<RoomKind>(kind - kRoomNames.begin());
    if (m_store.value(kFarMicrophone, false).toBool())
        room.distance = RoomDistance::Far;
    const auto microphone = m_store.value(kPracticeMicrophone).toString().toStdString();
    const auto kind = std::find(kMicrophoneNames.begin(), kMicrophoneNames.end(), microphone);
    if (kind != kMicrophoneNames.end())
        room.microphone = static_cast<MicrophoneKind>(kind - kMicrophoneNames.begin());
    return room;
}
void Settings::setPracticeRoom(const PracticeRoom& room) {
    const std::string_view name = kRoomNames[static_cast<std::size_t>(room.kind)];
    m_store.setValue(kRoom, QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size())));
    m_store.setValue(kFarMicrophone, room.distance == RoomDistance::Far);
    const std::string_view microphone = kMicrophoneNames[static_cast<std::size_t>(room.microphone)];
    m_store.setValue(kPracticeMicrophone,
                     QString::fromUtf8(microphone.data(), static_cast<qsizetype>(microphone.size())));
}
bool Settings::practiceAudible() const {
    return m_store.value(kPracticeAudible, true).toBool();
}
void Settings::setPracticeAudible(bool audible) {
    m_store.setValue(kPracticeAudible, audible);
}
bool Settings::leftHanded() const {
    return m_store.value(kLeftHanded, false).toBool();
}
void Settings::setLeftHanded(bool left) {
    m_store.setValue(kLeftHanded, left);
}
int Settings::goOnKey() const {
    return m_store.value(kGoOnKey, 0).toInt();
}
void Settings::setGoOnKey(int key) {
    m_store.setValue(kGoOnKey, key);
}
UnitsShown Settings::units() const {
    UnitsShown units;
    const double a4 = m_store.value(kReferencePitch, units.a4.value).toDouble();
    if (a4 >= kLowestA4.value && a4 <= kHighestA4.value)
        units.a4 = Hertz{a4};
    units.millimetres = m_store.value(kMillimetres, false).toBool();
    units.details = m_store.value(kDetails, false).toBool();
    return units;
}
void Settings::setUnits(const UnitsShown& units) {
    m_store.setValue(kReferencePitch, units.a4.value);
    m_store.setValue(kMillimetres, units.millimetres);
    m_store.setValue(kDetails, units.details);
}
std::optional<bool> Settings::guide() const {
    const QVariant kept = m_store.value(kGuide);
    return kept.isValid() ? std::optional(kept.toBool()) : std::nullopt;
}
void Settings::setGuide(bool on) {
    m_store.setValue(kGuide, on);
}
std::optional<bool> Settings::picturesMove() const {
    const QVariant kept = m_store.value(kPicturesMove);
    return kept.isValid() ? std::optional(kept.toBool()) : std::nullopt;
}
void Settings::setPicturesMove(bool move) {
    m_store.setValue(kPicturesMove, move);
}
QString Settings::folderOf(const QString& kind) const {
    return m_store.value(kFolders + kind).toString();
}
void Settings::setFolderOf(const QString& kind, const QString& folder) {
    m_store.setValue(kFolders + kind, folder);
}
QByteArray Settings::windowGeometry() const {
    return m_store.value(kGeometry).toByteArray();
}
void Settings::setWindowGeometry(const QByteArray& geometry) {
    m_store.setValue(kGeometry, geometry);
}

} // namespace bombo

/// Draws every main view from the demo: bombo-screenshots FOLDER [day|night] [WIDTHxHEIGHT] [LANGUAGE]. Used
/// to refresh docs/screenshots and to look at the program without a monitor.
#include "tour.h"

#include "app/language/language.h"
#include "app/numbers/numbers.h"
#include "app/theme/palette.h"
#include "store/demo.h"

#include <QApplication>
#include <QPixmap>
#include <iostream>

using namespace bombo;
using bombo::testing::Program;

namespace {

class Album : public bombo::testing::Visitor {
public:
    explicit Album(QString folder) : m_folder(std::move(folder)) {}
    void see(const QString& name, QWidget& window) override {
        bombo::testing::settle();
        keep(name, window.grab());
    }
    void keep(const QString& name, const QPixmap& picture) override {
        const QString path = QDir(m_folder).filePath(name + QStringLiteral(".png"));
        if (!picture.save(path))
            throw std::runtime_error("cannot write " + path.toStdString());
        std::cout << path.toStdString() << '\n';
    }

private:
    QString m_folder;
};

} // namespace

int main(int argc, char** argv) {
    bombo::testing::useLargeScreen();
    QApplication application(argc, argv);
    const QStringList arguments = QApplication::arguments();
    if (arguments.size() < 2) {
        std::cerr << "bombo-screenshots FOLDER [day|night] [WIDTHxHEIGHT] [LANGUAGE]\n";
        return 2;
    }
    const bool night = arguments.value(2) == QStringLiteral("night");
    const QStringList sides = arguments.value(3, QStringLiteral("1280x800")).split(QLatin1Char('x'));
    try {
        speak(application, arguments.value(4, QStringLiteral("en")));
        useNumbersOf(arguments.value(4));
        applyTheme(application, night ? ThemeChoice::Night : ThemeChoice::Day);
        QTemporaryDir folder;
        const QString book = folder.filePath(QStringLiteral("picture-house.bombo"));
        if (!createDemoWorkbook(book))
            throw std::runtime_error("cannot make the demo workbook");
        const QSize size(sides.value(0).toInt(), sides.value(1).toInt());
        Album album(arguments[1]);
        {
            Program program({}, size);
            album.see(QStringLiteral("start"), program.window);
        }
        Program program(book, size);
        tour(program, album, size);
    } catch (const std::exception& problem) {
        std::cerr << problem.what() << '\n';
        return 1;
    }
    return 0;
}

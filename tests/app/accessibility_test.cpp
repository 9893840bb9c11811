/// The whole first job through the accessibility tree alone, as a screen reader sees and works it: names,
/// roles, states and actions. What a step changes is told there: Qt announces a changed name or description
/// itself.
#include "app/listening/ear.h"
#include "driver.h"

#include <QAccessible>
#include <QAccessibleActionInterface>
#include <QApplication>
#include <QScopeGuard>
#include <QSet>
#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace bombo {
namespace accessibility_test {

using testing::Program;

/// Everything in sight, by the tree alone.
std::vector<QAccessibleInterface*> inSight(QAccessibleInterface* root) {
    std::vector<QAccessibleInterface*> found;
    for (int i = 0; i < root->childCount(); ++i) {
        QAccessibleInterface* child = root->child(i);
        if (child == nullptr || !child->isValid() || child->state().invisible)
            continue;
        found.push_back(child);
        for (QAccessibleInterface* deeper : inSight(child))
            found.push_back(deeper);
    }
    return found;
}

class Reader {
public:
    explicit Reader(QWidget& window) : m_window(window) {}
    std::vector<QAccessibleInterface*> all() const {
        return inSight(QAccessible::queryAccessibleInterface(&m_window));
    }
    QAccessibleInterface* named(QAccessible::Role role, const QString& start) const {
        for (QAccessibleInterface* one : all())
            if (one->role() == role && one->text(QAccessible::Name).startsWith(start))
                return one;
        return nullptr;
    }
    bool press(const QString& name) const {
        for (const QAccessible::Role role :
             {QAccessible::Button, QAccessible::RadioButton, QAccessible::CheckBox})
            if (QAccessibleInterface* button = named(role, name);
                button != nullptr && !button->state().disabled) {
                button->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
                return true;
            }
        return false;
    }
    QString names() const {
        QStringList lines;
        for (QAccessibleInterface* one : all())
            lines << QStringLiteral("%1 \u201c%2\u201d %3")
                         .arg(one->role())
                         .arg(one->text(QAccessible::Name), one->text(QAccessible::Description));
        return lines.join(QLatin1Char('\n'));
    }
    /// What can be worked or looked at and has no name.
    QStringList nameless() const {
        QStringList found;
        for (QAccessibleInterface* one : all()) {
            const QAccessible::Role role = one->role();
            const bool isWorked = role == QAccessible::Button || role == QAccessible::ComboBox ||
                                  role == QAccessible::EditableText || role == QAccessible::SpinBox ||
                                  role == QAccessible::Slider || role == QAccessible::CheckBox ||
                                  role == QAccessible::Table || role == QAccessible::PageTabList;
            auto* widget = qobject_cast<QWidget*>(one->object());
            const bool isOfAnother =
                widget != nullptr && widget->objectName().startsWith(QLatin1String("qt_"));
            if (isWorked && !isOfAnother && one->text(QAccessible::Name).isEmpty())
                found << QStringLiteral("%1 %2 in %3")
                             .arg(QLatin1String(one->object() != nullptr
                                                    ? one->object()->metaObject()->className()
                                                    : "?"),
                                  one->object() != nullptr ? one->object()->objectName() : QString(),
                                  one->parent() != nullptr ? one->parent()->text(QAccessible::Name)
                                                           : QString());
        }
        return found;
    }

private:
    QWidget& m_window;
};

TEST(Accessibility, TheFirstJobByTheTreeAlone) {
    QTemporaryDir home;
    const QByteArray before = qgetenv("HOME");
    qputenv("HOME", home.path().toUtf8());
    const auto back = qScopeGuard([&] { qputenv("HOME", before); });
    Program p;
    const Reader reader(p.window);
    QSet<QString> nameless;
    const auto look = [&] {
        QApplication::processEvents();
        for (const QString& one : reader.nameless())
            nameless.insert(one);
    };
    const auto press = [&](const QString& name) {
        ASSERT_TRUE(p.waitFor([&] { return reader.named(QAccessible::Button, name) != nullptr; }))
            << name.toStdString() << " is not among\n"
            << reader.names().toStdString();
        look();
        ASSERT_TRUE(reader.press(name)) << name.toStdString();
        look();
    };
    press(QStringLiteral("My drum"));
    press(QStringLiteral("This is it"));
    ASSERT_TRUE(p.waitFor([&] { return p.controller.hasSession(); }));
    press(QStringLiteral("Tune it now"));
    ASSERT_TRUE(p.waitFor([&] { return p.session().station == Station::Tone; }));
    int untold = 0;
    QString told;
    for (int presses = 0; presses < 400 && p.session().station != Station::Proof; ++presses) {
        QAccessibleInterface* next = nullptr;
        QPushButton* primary = nullptr;
        ASSERT_TRUE(p.waitFor([&] {
            if (p.controller.ear().listener().isReading())
                return false;
            primary = p.window.page(p.session().station)->primary();
            next = primary->isVisible() ? QAccessible::queryAccessibleInterface(primary) : nullptr;
            return next != nullptr && !next->state().disabled;
        })) << "at station "
            << static_cast<int>(p.session().station) << '\n'
            << reader.names().toStdString();
        ASSERT_EQ(next->role(), QAccessible::Button);
        ASSERT_FALSE(next->text(QAccessible::Name).isEmpty());
        untold += reader.names() == told; // of the press before, once its tap is read
        told = reader.names();
        next->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
        ASSERT_TRUE(p.waitFor([&] { return !primary->isDown(); })); // the press takes a moment
        look();
    }
    EXPECT_EQ(p.session().station, Station::Proof);
    EXPECT_EQ(p.session().batter.stage, HeadStage::Done);
    EXPECT_TRUE(nameless.isEmpty()) << QStringList(nameless.values()).join(QLatin1Char('\n')).toStdString();
    EXPECT_NE(reader.named(QAccessible::CheckBox, QStringLiteral("Batter: done")), nullptr)
        << reader.names().toStdString();
    EXPECT_EQ(untold, 0);
}

} // namespace accessibility_test
} // namespace bombo

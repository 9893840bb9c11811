#include "app/drum/drum_maker.h"

#include "app/drum/draft_picture.h"
#include "app/drum/drum_problem.h"
#include "app/language/language.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "store/resources.h"
#include "store/usual_drum.h"

#include <QPainter>
#include <QScrollArea>
#include <cmath>

namespace bombo {
namespace {

QDoubleSpinBox* inchBox(double low, double high, double step) {
    auto* box = new NumberBox;
    box->setRange(low, high);
    box->setDecimals(2);
    box->setSingleStep(step);
    box->setSuffix(DrumMaker::tr(" in"));
    return box;
}

QLabel* heading(const QString& text) {
    return textLabel("strong", text);
}

bool isSame(Metres a, Metres b) {
    return std::abs(a.value - b.value) < 1e-4;
}

/// By how much heads that look like it may differ from the one that is taken, as a share of its weight.
double spreadOf(const HeadSpec& taken, bool isBatter, const Catalogue& catalogue) {
    double sum = 0.0;
    int count = 0;
    for (const HeadSpec& head : catalogue.heads)
        if ((head.thickness >= kThinnestBatter) == isBatter) {
            const double off = head.arealDensity / taken.arealDensity - 1.0;
            sum += off * off;
            ++count;
        }
    return count > 0 ? std::sqrt(sum / count) : 0.0;
}

QString hoopName(const Hoop& hoop, const Catalogue& catalogue) {
    for (const HoopKind& kind : catalogue.hoops)
        if (kind.hoop == hoop)
            return catalogueText(kind.name);
    return QString::fromStdString(hoop.kind);
}

} // namespace

QString assumedText(const Drum& drum, const Catalogue& catalogue) {
    QStringList lines;
    const auto head = [&](bool isBatter) {
        const HeadSpec& taken = isBatter ? drum.batterHead : drum.snareSideHead;
        // At a pitch that is heard, tension goes with the film's weight, and turns with tension.
        const int percent = qRound(100.0 * spreadOf(taken, isBatter, catalogue));
        lines << (isBatter ? DrumMaker::tr("Batter taken as %1: its first turns may be %2 % off.")
                           : DrumMaker::tr("Snare side taken as %1: its first turns may be %2 % off."))
                     .arg(catalogueText(taken.name))
                     .arg(percent);
    };
    if (drum.guessed.batter)
        head(true);
    if (drum.guessed.snareSide)
        head(false);
    if (drum.guessed.hoop)
        lines << DrumMaker::tr("Hoops taken as %1: turns may be a quarter off, until a round was heard.")
                     .arg(hoopName(drum.hoop, catalogue));
    if (drum.guessed.shell)
        lines << DrumMaker::tr("Shell taken as %1: it only matters when the weather turns.")
                     .arg(catalogueText(drum.shell.material));
    if (drum.guessed.wires)
        lines << DrumMaker::tr("%1 %2 strands taken: the strainer's span is wider until strokes are heard.")
                     .arg(drum.wires.strands)
                     .arg(catalogueText(drum.wires.material));
    if (drum.guessed.batter || drum.guessed.snareSide || drum.guessed.hoop)
        lines << DrumMaker::tr("The first round of taps puts most of it right.");
    return lines.join(QLatin1Char('\n'));
}

// The page --------------------------------------------------------------------------------------------------

template <class T, class Chosen>
QLayout* DrumMaker::tiles(const char* name, const std::vector<std::pair<T, PictureTile*>>& all,
                          Chosen chosen) {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    int count = 0;
    for (const auto& [value, tile] : all) {
        tile->setObjectName(QStringLiteral("%1-%2").arg(QLatin1String(name)).arg(count++));
        connect(tile, &QAbstractButton::clicked, this, [this, value = value, chosen] {
            chosen(value);
            show();
        });
        row->addWidget(tile);
    }
    row->addStretch();
    return row;
}

PictureTile* DrumMaker::unknownTile(const char* name, const Rebuild& chosen) {
    auto* tile = new PictureTile(
        tr("I don't know"),
        [](QPainter& painter, const QRectF& area) {
            painter.setPen(ink().quiet);
            painter.setFont(typeface(26, QFont::DemiBold));
            painter.drawText(area, Qt::AlignCenter, QStringLiteral("?"));
        },
        QSize(44, 44));
    tile->setObjectName(QStringLiteral("%1-unknown").arg(QLatin1String(name)));
    connect(tile, &QAbstractButton::clicked, this, [this, chosen] {
        chosen();
        show();
    });
    return tile;
}

QWidget* DrumMaker::sizeRow() {
    auto* holder = new QWidget;
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(heading(tr("How wide, how deep?")));
    constexpr double widths[]{10, 12, 13, 14, 15};
    constexpr double depths[]{3.5, 5.0, 5.5, 6.5, 8.0};
    const Metres widest = inches(15.5);
    std::vector<std::pair<Metres, PictureTile*>> wide;
    for (const double width : widths) {
        auto* tile =
            new PictureTile(tr("%1 in").arg(number(width, 0)), [=](QPainter& painter, const QRectF& area) {
                paintSize(painter, area, inches(width), inches(5.5), widest);
            });
        m_tiles.emplace_back(tile, [this, width] { return isSame(m_drum.shell.diameter, inches(width)); });
        wide.emplace_back(inches(width), tile);
    }
    column->addLayout(tiles("wide", wide, [this](Metres width) { m_drum.shell.diameter = width; }));
    std::vector<std::pair<Metres, PictureTile*>> deep;
    for (const double depth : depths) {
        auto* tile =
            new PictureTile(tr("%1 in").arg(figures(depth, 2)), [=](QPainter& painter, const QRectF& area) {
                paintSize(painter, area, inches(13), inches(depth), widest);
            });
        m_tiles.emplace_back(tile, [this, depth] { return isSame(m_drum.shell.depth, inches(depth)); });
        deep.emplace_back(inches(depth), tile);
    }
    column->addLayout(tiles("deep", deep, [this](Metres depth) { m_drum.shell.depth = depth; }));
    return holder;
}

QWidget* DrumMaker::rodsRow() {
    auto* holder = new QWidget;
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(heading(tr("How many rods on one side?")));
    std::vector<std::pair<int, PictureTile*>> all;
    for (const int rods : {6, 8, 10, 12}) {
        auto* tile = new PictureTile(
            QString::number(rods),
            [rods](QPainter& painter, const QRectF& area) { paintRods(painter, area, rods); }, QSize(58, 58));
        m_tiles.emplace_back(tile, [this, rods] { return m_drum.rods == rods; });
        all.emplace_back(rods, tile);
    }
    column->addLayout(tiles("rods", all, [this](int rods) {
        m_drum.rods = rods;
        m_drum.markedRod = std::min(m_drum.markedRod, rods);
    }));
    return holder;
}

QWidget* DrumMaker::shellRow() {
    auto* holder = new QWidget;
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(heading(tr("What is the shell made of?")));
    const auto take = [this](const std::string& id) {
        for (const ShellKind& kind : m_catalogue.shells)
            if (kind.id == id) {
                m_drum.shell.material = kind.id;
                m_drum.shell.expansionPerKelvin = kind.expansionPerKelvin;
                m_drum.shell.expansionPerHumidity = kind.expansionPerHumidity;
            }
    };
    std::vector<std::pair<ShellSight, PictureTile*>> all;
    for (const ShellSight sight : kShellSights) {
        auto* tile = new PictureTile(sightName(sight), [sight](QPainter& painter, const QRectF& area) {
            paintShellSight(painter, area, sight);
        });
        m_tiles.emplace_back(
            tile, [this, sight] { return !m_drum.guessed.shell && sightOf(m_drum.shell.material) == sight; });
        all.emplace_back(sight, tile);
    }
    auto* row = tiles("shell", all, [this, take](ShellSight sight) {
        m_drum.guessed.shell = false;
        if (sightOf(m_drum.shell.material) != sight)
            take(sight == ShellSight::Wood ? "wood" : sight == ShellSight::Metal ? "steel" : "acrylic");
    });
    auto* unknown = unknownTile("shell", [this, take] {
        m_drum.guessed.shell = true;
        take("wood");
    });
    m_tiles.emplace_back(unknown, [this] { return m_drum.guessed.shell; });
    static_cast<QHBoxLayout*>(row)->insertWidget(static_cast<int>(all.size()), unknown);
    column->addLayout(row);
    return holder;
}

QWidget* DrumMaker::batterRow() {
    auto* holder = new QWidget;
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(heading(tr("What does the head look like that you strike?")));
    std::vector<std::pair<HeadSight, PictureTile*>> all;
    for (const HeadSight sight : kHeadSights) {
        auto* tile = new PictureTile(
            sightName(sight),
            [sight](QPainter& painter, const QRectF& area) { paintHeadSight(painter, area, sight); },
            QSize(50, 50));
        m_tiles.emplace_back(
            tile, [this, sight] { return !m_drum.guessed.batter && sightOf(m_drum.batterHead) == sight; });
        all.emplace_back(sight, tile);
    }
    const auto take = [this](HeadSight sight) {
        m_drum.guessed.batter = false;
        if (sightOf(m_drum.batterHead) == sight)
            return;
        for (const HeadSpec& head : m_catalogue.heads) // the thickest of one sight is the usual one
            if (head.thickness >= kThinnestBatter && sightOf(head) == sight &&
                (sightOf(m_drum.batterHead) != sight || head.thickness > m_drum.batterHead.thickness))
                m_drum.batterHead = head;
    };
    const auto middle = all.begin() + 5;
    column->addLayout(tiles("head", std::vector(all.begin(), middle), take));
    auto* second = tiles("head-more", std::vector(middle, all.end()), take);
    auto* unknown = unknownTile("head", [this] {
        m_drum.guessed.batter = true;
        m_drum.batterHead = usualDrum().batterHead;
    });
    m_tiles.emplace_back(unknown, [this] { return m_drum.guessed.batter; });
    static_cast<QHBoxLayout*>(second)->insertWidget(4, unknown);
    column->addLayout(second);
    return holder;
}

QWidget* DrumMaker::wiresRow() {
    auto* holder = new QWidget;
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(heading(tr("How many strands under it?")));
    std::vector<std::pair<int, PictureTile*>> all;
    for (const int strands : {12, 16, 20, 24, 42}) {
        auto* tile = new PictureTile(
            QString::number(strands),
            [strands](QPainter& painter, const QRectF& area) { paintStrands(painter, area, strands); },
            QSize(64, 50));
        m_tiles.emplace_back(
            tile, [this, strands] { return !m_drum.guessed.wires && m_drum.wires.strands == strands; });
        all.emplace_back(strands, tile);
    }
    auto* row = tiles("strands", all, [this](int strands) {
        m_drum.guessed.wires = false;
        if (m_drum.wires.strands == strands)
            return;
        for (const WireKind& kind : m_catalogue.wires)
            if (kind.wires.strands == strands && m_drum.wires.strands != strands)
                m_drum.wires = kind.wires;
    });
    auto* unknown = unknownTile("strands", [this] {
        m_drum.guessed.wires = true;
        m_drum.wires = m_catalogue.wires.front().wires;
    });
    m_tiles.emplace_back(unknown, [this] { return m_drum.guessed.wires; });
    static_cast<QHBoxLayout*>(row)->insertWidget(static_cast<int>(all.size()), unknown);
    column->addLayout(row);
    return holder;
}

/// For those who do know: the figures themselves.
QWidget* DrumMaker::exactRow() {
    auto* holder = new QWidget;
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(heading(tr("If you know it exactly")));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(10);
    int row = 0;
    const auto add = [&](const QString& name, QWidget* box, const char* object) {
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(name);
        grid->addWidget(textLabel("quiet", name), row, 0);
        grid->addWidget(box, row++, 1);
    };
    m_diameter = inchBox(6, 23, 0.5);
    m_depth = inchBox(1.5, 20, 0.25);
    m_rods = new QSpinBox;
    m_rods->setRange(kFewestRods, kMostRods);
    m_material = new QComboBox;
    for (const ShellKind& kind : m_catalogue.shells)
        m_material->addItem(catalogueText(kind.name), QString::fromStdString(kind.id));
    m_batter = new QComboBox;
    m_snareSide = new QComboBox;
    m_snareSide->addItem(tr("not known"), -1);
    for (std::size_t i = 0; i < m_catalogue.heads.size(); ++i)
        (m_catalogue.heads[i].thickness < kThinnestBatter ? m_snareSide : m_batter)
            ->addItem(catalogueText(m_catalogue.heads[i].name), static_cast<int>(i));
    m_wires = new QComboBox;
    for (const WireKind& kind : m_catalogue.wires)
        m_wires->addItem(catalogueText(kind.name));
    m_hoop = new QComboBox;
    m_hoop->addItem(tr("not known"));
    for (const HoopKind& kind : m_catalogue.hoops)
        m_hoop->addItem(catalogueText(kind.name));
    m_marked = new QComboBox;
    add(tr("Across"), m_diameter, "diameter");
    add(tr("Deep"), m_depth, "depth");
    add(tr("Rods a side"), m_rods, "rods");
    add(tr("Shell of"), m_material, "material");
    add(tr("Batter head"), m_batter, "batterHead");
    add(tr("Snare-side head"), m_snareSide, "snareSideHead");
    add(tr("Wires"), m_wires, "wireSet");
    add(tr("Hoops"), m_hoop, "hoops");
    add(tr("Badge or tape beside"), m_marked, "markedRod");
    grid->setColumnStretch(1, 1);
    column->addLayout(grid);
    const auto changed = [this](const std::function<void()>& take) {
        if (m_isShowing)
            return;
        take();
        show();
    };
    connect(m_diameter, &QDoubleSpinBox::valueChanged, this,
            [=, this](double value) { changed([&] { m_drum.shell.diameter = inches(value); }); });
    connect(m_depth, &QDoubleSpinBox::valueChanged, this,
            [=, this](double value) { changed([&] { m_drum.shell.depth = inches(value); }); });
    connect(m_rods, &QSpinBox::valueChanged, this, [=, this](int rods) {
        changed([&] {
            m_drum.rods = rods;
            m_drum.markedRod = std::min(m_drum.markedRod, rods);
        });
    });
    connect(m_material, &QComboBox::activated, this, [=, this](int index) {
        changed([&] {
            const ShellKind& kind = m_catalogue.shells[static_cast<std::size_t>(index)];
            m_drum.shell.material = kind.id;
            m_drum.shell.expansionPerKelvin = kind.expansionPerKelvin;
            m_drum.shell.expansionPerHumidity = kind.expansionPerHumidity;
            m_drum.guessed.shell = false;
        });
    });
    connect(m_batter, &QComboBox::activated, this, [=, this] {
        changed([&] {
            m_drum.batterHead = m_catalogue.heads[static_cast<std::size_t>(m_batter->currentData().toInt())];
            m_drum.guessed.batter = false;
        });
    });
    connect(m_snareSide, &QComboBox::activated, this, [=, this] {
        changed([&] {
            const int index = m_snareSide->currentData().toInt();
            m_drum.guessed.snareSide = index < 0;
            m_drum.snareSideHead =
                index < 0 ? usualDrum().snareSideHead : m_catalogue.heads[static_cast<std::size_t>(index)];
        });
    });
    connect(m_wires, &QComboBox::activated, this, [=, this](int index) {
        changed([&] {
            m_drum.wires = m_catalogue.wires[static_cast<std::size_t>(index)].wires;
            m_drum.guessed.wires = false;
        });
    });
    connect(m_hoop, &QComboBox::activated, this, [=, this](int index) {
        changed([&] {
            m_drum.guessed.hoop = index == 0;
            m_drum.hoop = m_catalogue.hoops[static_cast<std::size_t>(std::max(0, index - 1))].hoop;
        });
    });
    connect(m_marked, &QComboBox::activated, this,
            [=, this](int index) { changed([&] { m_drum.markedRod = index; }); });
    return holder;
}

DrumMaker::DrumMaker(QWidget* parent) : QWidget(parent), m_catalogue(catalogue()) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(12);
    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("makerTitle"));
    column->addWidget(m_title);

    auto* row = new QHBoxLayout;
    row->setSpacing(18);
    auto* left = new QVBoxLayout;
    m_picture = new DraftPicture;
    left->addWidget(m_picture, 1);
    m_sentence = textLabel("heading");
    m_sentence->setObjectName(QStringLiteral("makerSentence"));
    m_sentence->setWordWrap(true);
    left->addWidget(m_sentence);
    m_assumed = textLabel("quiet");
    m_assumed->setObjectName(QStringLiteral("assumed"));
    m_assumed->setWordWrap(true);
    left->addWidget(m_assumed);
    row->addLayout(left, 4);

    auto* holder = new QWidget;
    auto* choices = new QVBoxLayout(holder);
    choices->setContentsMargins(0, 0, 8, 0);
    choices->setSpacing(14);
    choices->addWidget(sizeRow());
    choices->addWidget(rodsRow());
    choices->addWidget(batterRow());
    choices->addWidget(wiresRow());
    choices->addWidget(shellRow());
    choices->addWidget(exactRow());
    choices->addStretch();
    auto* scroll = new QScrollArea;
    scroll->setWidget(holder);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    row->addWidget(scroll, 5);
    column->addLayout(row, 1);

    auto* foot = new QHBoxLayout;
    foot->addWidget(textLabel("strong", tr("What do you call it?")));
    m_name = new QLineEdit;
    m_name->setObjectName(QStringLiteral("name"));
    m_name->setAccessibleName(tr("Name"));
    m_name->setMaxLength(80);
    m_name->setMinimumWidth(200);
    foot->addWidget(m_name);
    m_problem = textLabel("quiet");
    m_problem->setObjectName(QStringLiteral("problem"));
    m_problem->setWordWrap(true);
    foot->addWidget(m_problem, 1);
    auto* leave = secondaryButton(tr("Leave it"));
    leave->setObjectName(QStringLiteral("leaveMaker"));
    connect(leave, &QPushButton::clicked, this, &DrumMaker::left);
    foot->addWidget(leave);
    m_primary = primaryButton();
    connect(m_primary, &QPushButton::clicked, this, &DrumMaker::finish);
    foot->addWidget(m_primary);
    column->addLayout(foot);
}

void DrumMaker::begin(const Drum& drum, const QStringList& taken, const QString& title, const QString& done) {
    m_drum = drum;
    m_taken = taken;
    m_title->setText(title);
    m_primary->setText(done);
    m_name->setText(QString::fromStdString(drum.name));
    m_problem->clear();
    show();
}

void DrumMaker::show() {
    m_isShowing = true;
    for (const auto& [tile, isChosen] : m_tiles)
        tile->setChecked(isChosen());
    m_diameter->setValue(m_drum.shell.diameter.value / inches(1).value);
    m_depth->setValue(m_drum.shell.depth.value / inches(1).value);
    m_rods->setValue(m_drum.rods);
    m_material->setCurrentIndex(m_material->findData(QString::fromStdString(m_drum.shell.material)));
    const auto indexOf = [&](const HeadSpec& head) {
        const auto at = std::find_if(m_catalogue.heads.begin(), m_catalogue.heads.end(),
                                     [&](const HeadSpec& one) { return one.id == head.id; });
        return static_cast<int>(at - m_catalogue.heads.begin());
    };
    m_batter->setCurrentIndex(m_batter->findData(indexOf(m_drum.batterHead)));
    m_snareSide->setCurrentIndex(
        m_drum.guessed.snareSide ? 0 : m_snareSide->findData(indexOf(m_drum.snareSideHead)));
    const auto wires = std::find_if(m_catalogue.wires.begin(), m_catalogue.wires.end(),
                                    [&](const WireKind& one) { return one.wires == m_drum.wires; });
    m_wires->setCurrentIndex(
        wires == m_catalogue.wires.end() ? -1 : static_cast<int>(wires - m_catalogue.wires.begin()));
    const auto hoop = std::find_if(m_catalogue.hoops.begin(), m_catalogue.hoops.end(),
                                   [&](const HoopKind& one) { return one.hoop == m_drum.hoop; });
    m_hoop->setCurrentIndex(m_drum.guessed.hoop ? 0
                            : hoop == m_catalogue.hoops.end()
                                ? -1
                                : static_cast<int>(hoop - m_catalogue.hoops.begin()) + 1);
    m_marked->clear();
    m_marked->addItem(tr("no rod"));
    for (int rod = 1; rod <= m_drum.rods; ++rod)
        m_marked->addItem(tr("rod %1 from the strainer").arg(rod));
    m_marked->setCurrentIndex(m_drum.markedRod);
    m_isShowing = false;
    m_picture->show(m_drum);
    m_sentence->setText(
        tr("%1, %2, %3 rods a side")
            .arg(sizeText(m_drum.shell))
            .arg(m_drum.guessed.shell ? tr("shell not known") : catalogueText(m_drum.shell.material))
            .arg(m_drum.rods));
    m_assumed->setText(assumedText(m_drum, m_catalogue));
}

void DrumMaker::finish() {
    const QString name = m_name->text().simplified();
    if (name.isEmpty()) {
        m_problem->setText(tr("Give the drum a name, so that you find it again."));
        m_name->setFocus();
        return;
    }
    if (m_taken.contains(name, Qt::CaseInsensitive)) {
        m_problem->setText(tr("There is a drum of that name; give another."));
        m_name->setFocus();
        m_name->selectAll();
        return;
    }
    m_drum.name = name.toStdString();
    const auto checked = checkedDrum(m_drum);
    if (!checked) {
        m_problem->setText(drumProblemText(checked.fault()));
        return;
    }
    emit made(*checked);
}

} // namespace bombo

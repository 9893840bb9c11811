/// The pages of the window. Each is made when it comes in front for the first time: a start of the program
/// shows one of them.
#include "app/main_window.h"

#include "app/drum/drum_page.h"
#include "app/head/head_page.h"
#include "app/hurry/hurry_dialog.h"
#include "app/listening/listen_menu.h"
#include "app/logbook/logbook_page.h"
#include "app/muffling/muffling_page.h"
#include "app/proof/proof_page.h"
#include "app/start/purpose_page.h"
#include "app/start/start_page.h"
#include "app/tone/tone_page.h"
#include "app/wires/wires_page.h"

#include <QStackedWidget>

namespace bombo {

StationPage* MainWindow::page(Station station) {
    StationPage*& page = m_pages[station];
    if (page == nullptr) {
        page = madePage(station);
        m_stack->addWidget(page);
    }
    return page;
}

StationPage* MainWindow::madePage(Station station) {
    switch (station) {
    case Station::Drum: {
        auto* drum = new DrumPage(m_controller);
        connect(drum, &DrumPage::describeDrum, this, &MainWindow::describeDrum);
        return drum;
    }
    case Station::Tone:
        return new TonePage(m_controller);
    case Station::SnareSide:
        return new HeadPage(m_controller, HeadSide::SnareSide);
    case Station::Batter:
        return new HeadPage(m_controller, HeadSide::Batter);
    case Station::Wires:
        return new WiresPage(m_controller);
    case Station::Muffling:
        return new MufflingPage(m_controller);
    case Station::Proof:
        break;
    }
    return new ProofPage(m_controller);
}

StartPage* MainWindow::start() {
    if (m_start != nullptr)
        return m_start;
    m_start = new StartPage(m_controller);
    m_stack->addWidget(m_start);
    connect(m_start, &StartPage::firstJobBegun, this, [this] {
        if (!m_controller.settings().guide())
            setGuide(true);
    });
    connect(m_start, &StartPage::describeDrum, this, [this] { describeDrum(Describe::New); });
    return m_start;
}

PurposePage* MainWindow::purpose() {
    if (m_purpose != nullptr)
        return m_purpose;
    m_purpose = new PurposePage(m_controller);
    m_stack->addWidget(m_purpose);
    connect(m_purpose, &PurposePage::tuneChosen, this, [this] { goTo(Station::Tone); });
    connect(m_purpose, &PurposePage::cardChosen, this, [this] {
        backToWork();
        showPitchCard(m_controller, this);
    });
    connect(m_purpose, &PurposePage::hurryChosen, this, [this] {
        backToWork();
        HurryDialog(m_controller, this).exec();
    });
    connect(m_purpose, &PurposePage::faultsChosen, this, [this] { showFaults(true); });
    return m_purpose;
}

LogbookPage* MainWindow::logbook() {
    if (m_logbook != nullptr)
        return m_logbook;
    m_logbook = new LogbookPage(m_controller);
    m_stack->addWidget(m_logbook);
    connect(m_logbook, &LogbookPage::setupOpened, this, [this] { showLogbook(false); });
    return m_logbook;
}

} // namespace bombo

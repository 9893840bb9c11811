#include "store/usual_drum.h"

#include "store/resources.h"

#include <QUuid>
#include <algorithm>

namespace bombo {

std::string newDrumId() {
    return QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
}

Drum usualDrum() {
    const Catalogue known = catalogue();
    const auto head = [&](const std::string& id) {
        return *std::find_if(known.heads.begin(), known.heads.end(),
                             [&](const HeadSpec& one) { return one.id == id; });
    };
    const auto wood = std::find_if(known.shells.begin(), known.shells.end(),
                                   [](const ShellKind& one) { return one.id == "wood"; });
    Drum drum;
    drum.id = newDrumId();
    drum.shell = {inches(14), inches(5.5), wood->id, wood->expansionPerKelvin, wood->expansionPerHumidity};
    drum.rods = 8;
    drum.batterHead = head(kUsualBatter);
    drum.snareSideHead = head(kUsualSnareSide);
    drum.hoop = known.hoops.front().hoop;
    drum.wires = known.wires.front().wires;
    drum.guessed = {true, true, true, true, true};
    return drum;
}

} // namespace bombo

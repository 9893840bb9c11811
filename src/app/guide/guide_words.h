#pragma once
#include "app/guide/guide_step.h"

#include <QString>

namespace bombo {

struct GuideWords {
    QString gesture; ///< what to do, in one sentence
    QString reason;  ///< why, and the word for it; with the caution of the place
};
GuideWords guideWords(GuideStep step);

} // namespace bombo

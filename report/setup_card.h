// The card for the rack: one page with the numbers of a set-up, a drawing of it and what to mind. Painted the
// same on the screen, on a printer and into a PDF.
#pragma once

#include <filesystem>
#include <optional>
#include <vector>

#include <QPainter>
#include <QString>

#include "core/base/error.h"
#include "report/figure.h"
#include "report/fit_wording.h"

namespace mottix {

struct SetupCard {
  QString athlete, lift, name, day;  // name: of the set-up
  std::vector<CardLine> lines;
  std::vector<QString> cautions;
  std::optional<Figure> figure;
};

// The common cautions of a lift: safeties, collars, licensed practice.
QString standingCaution(Lift lift);

// Fills `page`; the type follows its width, so that the card reads alike on a screen and on paper.
void paintCard(QPainter& painter, const QRectF& page, const SetupCard& card, const FigureInk& ink);

// A5 upright. Error kCheckDisk when the file cannot be written.
Expected<void> saveCardPdf(const SetupCard& card, const FigureInk& ink, const std::filesystem::path& path);

}  // namespace mottix

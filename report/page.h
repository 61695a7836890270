// Painting words on a page, and pages into files.
#pragma once

#include <filesystem>
#include <functional>

#include <QPageSize>
#include <QPainter>
#include <QString>

#include "core/base/error.h"

namespace mottix {

// Wrapped text from the top of `room`; returns its height. `draw` false: only measured.
double paintParagraph(QPainter& painter, const QRectF& room, const QString& text, const QFont& font,
                      const QColor& colour, bool draw = true);

// One upright page without margins. kCheckDisk when the file cannot be written.
Expected<void> savePdf(const std::filesystem::path& path, QPageSize::PageSizeId size, const QString& title,
                       const std::function<void(QPainter&, const QRectF& page)>& paint);

// Written whole or not at all. kCheckDisk.
Expected<void> saveBytes(const std::filesystem::path& path, const QByteArray& bytes);

}  // namespace mottix

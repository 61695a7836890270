#include "report/page.h"

#include <QBuffer>
#include <QPdfWriter>
#include <QSaveFile>

namespace mottix {

double paintParagraph(QPainter& painter, const QRectF& room, const QString& text, const QFont& font,
                      const QColor& colour, bool draw) {
  painter.setFont(font);
  painter.setPen(colour);
  QRectF used;
  const int flags = Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap;
  if (draw)
    painter.drawText(room, flags, text, &used);
  else
    used = painter.boundingRect(room, flags, text);
  return used.height();
}

Expected<void> saveBytes(const std::filesystem::path& path, const QByteArray& bytes) {
  QSaveFile file(QString::fromStdString(path.string()));
  if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size() || !file.commit())
    return fail(Remedy::kCheckDisk, "“" + path.string() +
                                        "” cannot be written. Check the folder, its permissions and the free "
                                        "space.");
  return {};
}

Expected<void> savePdf(const std::filesystem::path& path, QPageSize::PageSizeId size, const QString& title,
                       const std::function<void(QPainter&, const QRectF& page)>& paint) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  {
    QPdfWriter writer(&buffer);
    writer.setPageSize(QPageSize(size));
    writer.setPageMargins(QMarginsF(0, 0, 0, 0));
    writer.setResolution(150);
    writer.setTitle(title);
    QPainter painter(&writer);
    paint(painter, QRectF(0, 0, writer.width(), writer.height()));
  }
  return saveBytes(path, bytes);
}

}  // namespace mottix

// The set on the sheet judged by two schools beside each other: what they say otherwise first, each with its
// own numbers and its reason, then what both say, and what either would do with the load.
#pragma once

#include <functional>

#include <QStringList>
#include <QWidget>

#include "core/verdict/two_judgements.h"
#include "report/sheet_data.h"

class QComboBox;
class QLabel;
class QScrollArea;
class QVBoxLayout;

namespace mottix {

class SchoolsView : public QWidget {
  Q_OBJECT
 public:
  // How the set at hand is judged by schools that are named.
  using JudgingBy = std::function<Expected<Judging>(const std::vector<std::string>& schools)>;

  explicit SchoolsView(JudgingBy judging_by, QWidget* parent = nullptr);
  // `own`: the schools by which this athlete is judged in this lift.
  void setData(const SheetData* sheet, const std::vector<std::string>& own);
  QComboBox* choice(std::size_t side) { return choice_[side]; }
  const std::vector<EventByTwo>& events() const { return events_; }
  QString text() const { return said_.join(QLatin1Char('\n')); }  // everything that is said

 signals:
  void opened(mottix::Finding finding);
  void closed();

 protected:
  void keyPressEvent(QKeyEvent* event) override;

 private:
  JudgingBy judging_by_;
  const SheetData* data_ = nullptr;
  std::array<QComboBox*, 2> choice_{};
  QScrollArea* area_ = nullptr;
  QVBoxLayout* body_ = nullptr;
  std::vector<EventByTwo> events_;
  QStringList said_;
  struct Side {
    QString name;
    Judging by;
    Judged judged;
  };
  void refresh();
  void addEvent(const EventByTwo& event, const std::array<Side, 2>& sides);
  QLabel* addWords(const QString& text, int size, bool strong, bool muted = false);
};

}  // namespace mottix

// Any measure, angle, lever or moment of a set drawn against time, the bar's height or rep, with its error,
// linked to the film both ways: what is pointed at in the plot is shown on the film, and the moment of the
// film is marked in the plot.
#pragma once

#include <map>

#include <QWidget>

#include "core/measure/curves.h"
#include "report/sheet_data.h"

class QComboBox;
class QCPGraph;
class QCustomPlot;
class QLabel;
class QPushButton;

namespace mottix {

class CurvesView : public QWidget {
  Q_OBJECT
 public:
  enum class Against { kTime, kHeight, kRep };

  explicit CurvesView(QWidget* parent = nullptr);
  void setData(const SheetData* sheet);
  void setFrame(std::size_t frame);
  void setAgainst(Against against);
  Against against() const { return against_; }
  // By the stable name of a curve ("trunk_lean"), or of a measure.
  bool choose(const QString& name);
  QComboBox* what() { return what_; }
  QCustomPlot* plot() { return plot_; }

 signals:
  void frameWanted(std::size_t frame);
  void closed();

 protected:
  void showEvent(QShowEvent* event) override;
  bool eventFilter(QObject* object, QEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

 private:
  // One thing that can be clicked: a place in the plot and the picture it was read from.
  struct Spot {
    double x, y;
    std::size_t frame;
  };
  const SheetData* data_ = nullptr;
  const void* shown_of_ = nullptr;  // the analysis that the plot shows
  std::size_t frame_ = 0;
  int rep_ = -1;  // of the moment, as the plot shows it
  Against against_ = Against::kTime;
  QComboBox* what_ = nullptr;
  QCustomPlot* plot_ = nullptr;
  QLabel* about_ = nullptr;
  std::array<QPushButton*, 3> ways_{};
  QCPGraph* now_ = nullptr;
  std::vector<Spot> spots_;
  std::map<CurveId, std::vector<CurvePoint>> curves_;  // of the analysis at hand

  const Analysis* analysis() const;
  const std::vector<CurvePoint>& curve(CurveId id);
  std::optional<CurveId> chosenCurve() const;
  std::optional<MeasureId> chosenMeasure() const;
  void offer();
  void draw();
  void drawCurve(CurveId id);
  void drawMeasure(MeasureId id);
  void band(const std::vector<double>& x, const std::vector<double>& low, const std::vector<double>& high);
  void markReps();
  void mark();
  void tell();
  void point(const QPointF& at);
};

}  // namespace mottix

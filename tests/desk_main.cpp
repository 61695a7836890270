// What every program of interface tests begins with.
#include <gtest/gtest.h>
#include <QApplication>
#include <QMetaType>

#include "desk/theme.h"

int main(int argc, char** argv) {
  testing::InitGoogleTest(&argc, argv);
  QApplication app(argc, argv);
  qRegisterMetaType<std::size_t>("std::size_t");
  mottix::applyLook(app, mottix::Look::kLight);
  return RUN_ALL_TESTS();
}

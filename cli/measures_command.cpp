#include <iostream>
#include <memory>

#include "cli/commands.h"
#include "cli/files.h"
#include "report/measure_list.h"

namespace mottix {

void addMeasuresCommand(CLI::App& app, int& exit_code) {
  struct Options {
    std::string json;
    bool page = false;
  };
  CLI::App* c =
      app.add_subcommand("measures", "List every measure: what it is, of which lift, from where it shows");
  auto o = std::make_shared<Options>();
  c->add_option("--json", o->json, "Write the list as JSON; - is standard output");
  c->add_flag("--page", o->page, "Write the list as the page docs/measures.md");
  c->callback([o, &exit_code] {
    if (o->json.empty()) {
      std::cout << (o->page ? measuresPage() : measuresText());
    } else if (auto ok = writeText(o->json, measuresJson()); !ok) {
      exit_code = report(ok.error());
    }
  });
}

}  // namespace mottix

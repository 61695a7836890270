// Errors as values. The kind is chosen by what the coach can do about it; the text names the thing, the
// reason and what to do. Bugs assert; bad input never does.
#pragma once

#include <string>
#include <utility>

#include <tl/expected.hpp>

namespace mottix {

enum class Remedy {
  kChooseAnotherFile,  // the file itself cannot be used
  kFilmAgain,          // readable, but it cannot be measured
  kMarkByHand,         // the coach can point at what was not found
  kCorrectInput,       // a value, option or file content is wrong
  kCheckDisk,          // space, permission or a vanished folder
  kUpdateProgram,      // written by a newer version
  kCancelled,          // the coach asked to stop; nothing to mend
};

struct Error {
  Remedy remedy = Remedy::kChooseAnotherFile;
  std::string text;  // one or two plain sentences
};

template <typename T>
using Expected = tl::expected<T, Error>;

inline tl::unexpected<Error> fail(Remedy remedy, std::string text) {
  return tl::make_unexpected(Error{remedy, std::move(text)});
}

}  // namespace mottix

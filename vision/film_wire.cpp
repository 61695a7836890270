#include "vision/film_wire.h"

#include <poll.h>
#include <sys/socket.h>

#include <cerrno>

namespace mottix::wire {

bool send(int socket, const void* data, std::size_t size) {
  const auto* at = static_cast<const char*>(data);
  while (size > 0) {
    const ssize_t sent = ::send(socket, at, size, MSG_NOSIGNAL);
    if (sent < 0 && errno == EINTR) continue;
    if (sent <= 0) return false;
    at += sent;
    size -= static_cast<std::size_t>(sent);
  }
  return true;
}

bool receive(int socket, void* data, std::size_t size, int within_ms) {
  auto* at = static_cast<char*>(data);
  while (size > 0) {
    if (within_ms >= 0) {
      pollfd waiting{socket, POLLIN, 0};
      const int ready = poll(&waiting, 1, within_ms);
      if (ready < 0 && errno == EINTR) continue;
      if (ready <= 0) return false;
    }
    const ssize_t got = recv(socket, at, size, 0);
    if (got < 0 && errno == EINTR) continue;
    if (got <= 0) return false;
    at += got;
    size -= static_cast<std::size_t>(got);
  }
  return true;
}

}  // namespace mottix::wire

"""Reads a TensorFlow Lite file (flatbuffer "TFL3") as far as the converter beside it needs.

Field numbers follow the published schema (tensorflow/lite/schema/schema.fbs, Apache-2.0).
"""
import struct

import numpy as np
from flatbuffers import number_types as N
from flatbuffers.table import Table

TYPES = {0: np.float32, 1: np.float16, 2: np.int32, 3: np.uint8, 4: np.int64, 6: np.bool_, 9: np.int8}


class Node:
    """A flatbuffer table whose fields are read by number."""

    def __init__(self, data, position):
        self.t = Table(data, position)

    def _slot(self, field):
        return self.t.Offset(4 + 2 * field)

    def scalar(self, field, kind, default=0):
        at = self._slot(field)
        return self.t.Get(kind, self.t.Pos + at) if at else default

    def table(self, field):
        at = self._slot(field)
        return Node(self.t.Bytes, self.t.Indirect(self.t.Pos + at)) if at else None

    def text(self, field):
        at = self._slot(field)
        return self.t.String(self.t.Pos + at).decode() if at else ""

    def numbers(self, field, dtype):
        at = self._slot(field)
        if not at:
            return np.zeros(0, dtype)
        start, count = self.t.Vector(at), self.t.VectorLen(at)
        return np.frombuffer(self.t.Bytes, dtype, count, start)

    def tables(self, field):
        at = self._slot(field)
        if not at:
            return []
        start = self.t.Vector(at)
        return [Node(self.t.Bytes, self.t.Indirect(start + 4 * i)) for i in range(self.t.VectorLen(at))]


class Tensor:
    def __init__(self, node, buffers):
        self.shape = [int(x) for x in node.numbers(0, np.int32)]
        self.dtype = TYPES[node.scalar(1, N.Int8Flags)]
        self.name = node.text(3)
        self.data = None
        raw = buffers[node.scalar(2, N.Uint32Flags)]
        sparsity = node.table(6)
        if raw.size and sparsity is None:
            self.data = np.frombuffer(raw.tobytes(), self.dtype).reshape(self.shape)
        elif raw.size:
            self.data = _dense(np.frombuffer(raw.tobytes(), self.dtype), self.shape, sparsity)


def _dense(values, shape, sparsity):
    """Expands block-sparse weights: SparsityParameters{traversal_order, block_map, dim_metadata}."""
    order = [int(x) for x in sparsity.numbers(0, np.int32)]
    blocks = [int(x) for x in sparsity.numbers(1, np.int32)]
    dims = []
    for d in sparsity.tables(2):
        if d.scalar(0, N.Int8Flags) == 0:
            dims.append(("dense", d.scalar(1, N.Int32Flags), None))
        else:
            dims.append(("csr", _index_vector(d, 2), _index_vector(d, 4)))
    out = np.zeros(shape, values.dtype)
    rank = len(shape)
    size = [1] * rank  # of a block along each dimension
    for k, which in enumerate(blocks):
        size[which] = dims[rank + k][1]
    at = 0

    def walk(level, parent, where):
        nonlocal at
        if level == len(dims):
            index = [0] * rank
            for k in range(rank):
                index[order[k]] = where[k] * size[order[k]]
            for k, which in enumerate(blocks):
                index[which] += where[rank + k]
            out[tuple(index)] = values[at]
            at += 1
            return
        kind, a, b = dims[level]
        if kind == "dense":
            for i in range(a):
                walk(level + 1, parent * a + i, where + [i])
        else:
            for p in range(int(a[parent]), int(a[parent + 1])):
                walk(level + 1, p, where + [int(b[p])])

    walk(0, 0, [])
    assert at == values.size
    return out


def _index_vector(dim, field):
    """A union {Int32Vector, Uint16Vector, Uint8Vector}: its kind in `field`, its table in the next."""
    kind = dim.scalar(field, N.Uint8Flags)
    return dim.table(field + 1).numbers(0, {1: np.int32, 2: np.uint16, 3: np.uint8}[kind])


class Operator:
    def __init__(self, node, codes):
        self.code = codes[node.scalar(0, N.Uint32Flags)]
        self.inputs = [int(x) for x in node.numbers(1, np.int32)]
        self.outputs = [int(x) for x in node.numbers(2, np.int32)]
        self.options = node.table(4)


class TfliteModel:
    def __init__(self, path):
        data = bytearray(open(path, "rb").read())
        if data[4:8] != b"TFL3":
            raise ValueError(f"{path}: not a TensorFlow Lite file")
        root = Node(data, struct.unpack_from("<I", data)[0])
        codes = []
        for c in root.tables(1):
            codes.append(max(c.scalar(0, N.Int8Flags), c.scalar(3, N.Int32Flags)))
        buffers = [b.numbers(0, np.uint8) for b in root.tables(4)]
        graph = root.tables(2)[0]
        self.tensors = [Tensor(t, buffers) for t in graph.tables(0)]
        self.inputs = [int(x) for x in graph.numbers(1, np.int32)]
        self.outputs = [int(x) for x in graph.numbers(2, np.int32)]
        self.operators = [Operator(o, codes) for o in graph.tables(3)]

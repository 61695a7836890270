#!/usr/bin/python3
"""Makes the keypoint network that the program ships, byte for byte, from a published npm package.

    npm pack @mediapipe/pose@0.5.1675469404 && tar xzf mediapipe-pose-*.tgz
    tools/make_pose_models.py package resources/models

Needs python3-onnx, python3-flatbuffers and python3-numpy. The package is under the Apache License 2.0; what is changed
is the container (ONNX, channels first, 32 bit weights) and the outputs (no world coordinates).
"""
import lzma
import pathlib
import sys

import numpy as np
import onnx
from onnx import TensorProto, helper, numpy_helper

from tflite_file import TfliteModel
from flatbuffers import number_types as N

ADD, CONCAT, CONV, DEPTHWISE, DEPTH_TO_SPACE, DEQUANTIZE = 0, 2, 3, 4, 5, 6
LOGISTIC, MAX_POOL, RELU, RESHAPE, RESIZE, PAD, DENSIFY = 14, 17, 19, 22, 23, 34, 124
PIECE_BYTES = 3_900_000


class Converter:
    def __init__(self, model, outputs):
        self.m = model
        self.nodes, self.weights = [], []
        self.outputs = outputs  # tensor number -> name in the ONNX file
        self.known = {}  # tensor number -> ONNX name

    def name(self, t):
        return self.known[t]

    def constant(self, label, values):
        self.weights.append(numpy_helper.from_array(np.ascontiguousarray(values), label))
        return label

    def node(self, kind, inputs, output, **attributes):
        self.nodes.append(helper.make_node(kind, inputs, [output], name=output, **attributes))
        return output

    def values(self, t):
        """A constant tensor, also through DEQUANTIZE and DENSIFY."""
        if self.m.tensors[t].data is not None:
            return self.m.tensors[t].data
        for op in self.m.operators:
            if t in op.outputs and op.code in (DEQUANTIZE, DENSIFY):
                v = self.values(op.inputs[0])
                return None if v is None else v.astype(np.float32)
        return None

    def activated(self, x, kind, label):
        if kind == 1:
            return self.node("Relu", [x], label + "_relu")
        if kind == 3:
            return self.node("Clip", [x], label + "_relu6", min=0.0, max=6.0)
        assert kind == 0, kind
        return x

    def shape_of(self, t):
        shape = self.m.tensors[t].shape
        return [shape[a] for a in (0, 3, 1, 2)] if len(shape) == 4 else shape

    def same_pads(self, t_in, t_out, kernel, stride, dilation):
        """Left and right pads of the SAME rule along height and width."""
        out = []
        for axis in (0, 1):
            size, made = self.m.tensors[t_in].shape[1 + axis], self.m.tensors[t_out].shape[1 + axis]
            total = max(0, (made - 1) * stride[axis] + (kernel[axis] - 1) * dilation[axis] + 1 - size)
            out.append((total // 2, total - total // 2))
        return out

    def padded(self, x, pads, label, value=0.0):
        (top, bottom), (left, right) = pads
        if top == bottom and left == right:
            return x, [top, left, bottom, right]
        at = self.constant(label + "_pads", np.array([0, 0, top, left, 0, 0, bottom, right], np.int64))
        with_value = [x, at] if value == 0.0 else [x, at, self.constant(label + "_low", np.float32(value))]
        return self.node("Pad", with_value, label + "_padded", mode="constant"), [0, 0, 0, 0]

    def convolution(self, op, depthwise):
        o, out = op.options, op.outputs[0]
        label = f"t{out}"
        same = o.scalar(0, N.Int8Flags) == 0
        stride = (o.scalar(2, N.Int32Flags), o.scalar(1, N.Int32Flags))
        fused = o.scalar(4 if depthwise else 3, N.Int8Flags)
        dilation = (o.scalar(6 if depthwise else 5, N.Int32Flags, 1), o.scalar(5 if depthwise else 4, N.Int32Flags, 1))
        w = self.values(op.inputs[1]).astype(np.float32)
        group = 1
        if depthwise:
            group = self.m.tensors[op.inputs[0]].shape[3]
            w = np.transpose(w, (3, 0, 1, 2))
        else:
            w = np.transpose(w, (0, 3, 1, 2))
        kernel = w.shape[2:]
        x, pads = self.name(op.inputs[0]), [0, 0, 0, 0]
        if same:
            x, pads = self.padded(x, self.same_pads(op.inputs[0], out, kernel, stride, dilation), label)
        inputs = [x, self.constant(label + "_w", w)]
        if len(op.inputs) > 2 and op.inputs[2] >= 0:
            inputs.append(self.constant(label + "_b", self.values(op.inputs[2]).astype(np.float32)))
        y = self.node("Conv", inputs, label, kernel_shape=list(kernel), strides=list(stride), pads=pads, group=group,
                      dilations=list(dilation))
        self.known[out] = self.activated(y, fused, label)

    def convert(self, op):
        out, o = op.outputs[0], op.options
        label = f"t{out}"
        if op.code in (DEQUANTIZE, DENSIFY):
            assert self.values(op.inputs[0]) is not None
            return
        if op.code in (CONV, DEPTHWISE):
            return self.convolution(op, op.code == DEPTHWISE)
        x = self.name(op.inputs[0])
        if op.code == ADD:
            other = self.values(op.inputs[1])
            assert other is None
            y = self.node("Add", [x, self.name(op.inputs[1])], label)
            self.known[out] = self.activated(y, o.scalar(0, N.Int8Flags), label)
        elif op.code == CONCAT:
            rank = len(self.m.tensors[op.inputs[0]].shape)
            axis = o.scalar(0, N.Int32Flags) % rank
            if rank == 4:
                axis = (0, 2, 3, 1)[axis]
            self.known[out] = self.node("Concat", [self.name(t) for t in op.inputs], label, axis=axis)
        elif op.code == PAD:
            p = self.values(op.inputs[1])
            order = (0, 3, 1, 2)
            pads = [int(p[a][0]) for a in order] + [int(p[a][1]) for a in order]
            at = self.constant(label + "_pads", np.array(pads, np.int64))
            self.known[out] = self.node("Pad", [x, at], label, mode="constant")
        elif op.code == MAX_POOL:
            kernel = (o.scalar(4, N.Int32Flags), o.scalar(3, N.Int32Flags))
            stride = (o.scalar(2, N.Int32Flags), o.scalar(1, N.Int32Flags))
            pads = [0, 0, 0, 0]
            if o.scalar(0, N.Int8Flags) == 0:
                x, pads = self.padded(x, self.same_pads(op.inputs[0], out, kernel, stride, (1, 1)), label, -1e30)
            self.known[out] = self.node("MaxPool", [x], label, kernel_shape=list(kernel), strides=list(stride), pads=pads)
        elif op.code == RESIZE:
            _, h, w, _ = self.m.tensors[out].shape
            _, h0, w0, _ = self.m.tensors[op.inputs[0]].shape
            half = bool(o.scalar(3, N.BoolFlags, False))
            scales = self.constant(label + "_scales", np.array([1, 1, h / h0, w / w0], np.float32))
            self.known[out] = self.node("Resize", [x, "", scales], label, mode="linear",
                                        coordinate_transformation_mode="half_pixel" if half else "asymmetric")
        elif op.code == DEPTH_TO_SPACE:
            self.known[out] = self.node("DepthToSpace", [x], label, blocksize=o.scalar(0, N.Int32Flags), mode="DCR")
        elif op.code == LOGISTIC:
            self.known[out] = self.node("Sigmoid", [x], label)
        elif op.code == RELU:
            self.known[out] = self.node("Relu", [x], label)
        elif op.code == RESHAPE:
            before, after = self.m.tensors[op.inputs[0]].shape, self.m.tensors[out].shape
            if len(before) == 4 and before[1:3] != [1, 1]:
                x = self.node("Transpose", [x], label + "_last", perm=[0, 2, 3, 1])
            shape = self.constant(label + "_shape", np.array(after, np.int64))
            self.known[out] = self.node("Reshape", [x, shape], label)
        else:
            raise ValueError(f"operator {op.code} is not known to this converter")

    def run(self):
        wanted, needed = set(self.outputs), set()
        for i in reversed(range(len(self.m.operators))):
            op = self.m.operators[i]
            if wanted & set(op.outputs):
                needed.add(i)
                wanted |= set(op.inputs)
        source = self.m.inputs[0]
        _, h, w, c = self.m.tensors[source].shape
        self.known[source] = "picture"
        for i, op in enumerate(self.m.operators):
            if i in needed:
                self.convert(op)
        for t, label in self.outputs.items():
            self.node("Identity", [self.known[t]], label)
        graph = helper.make_graph(
            self.nodes, "pose", [helper.make_tensor_value_info("picture", TensorProto.FLOAT, [1, c, h, w])],
            [helper.make_tensor_value_info(label, TensorProto.FLOAT, self.shape_of(t))
             for t, label in self.outputs.items()],
            self.weights)
        model = helper.make_model(graph, opset_imports=[helper.make_opsetid("", 11)], producer_name="make_pose_models")
        model.ir_version = 6
        return model.SerializeToString(deterministic=True)


def by_shape(model, shapes):
    out = {}
    for t in model.outputs:
        for label, shape in shapes.items():
            if model.tensors[t].shape == shape:
                out[t] = label
    assert len(out) == len(shapes), [model.tensors[t].shape for t in model.outputs]
    return out


def main():
    package, target = pathlib.Path(sys.argv[1]), pathlib.Path(sys.argv[2])
    sys.setrecursionlimit(10000)
    target.mkdir(parents=True, exist_ok=True)
    for name, file, shapes in (
            ("body_points", "pose_landmark_full.tflite",
             {"points": [1, 195], "presence": [1, 1], "heatmap": [1, 64, 64, 39], "mask": [1, 256, 256, 1]}),):
        model = TfliteModel(package / file)
        data = lzma.compress(Converter(model, by_shape(model, shapes)).run(), preset=9 | lzma.PRESET_EXTREME)
        for old in target.glob(name + ".onnx.xz.*"):
            old.unlink()
        for k in range(0, len(data), PIECE_BYTES):
            (target / f"{name}.onnx.xz.{k // PIECE_BYTES}").write_bytes(data[k:k + PIECE_BYTES])
        print(name, len(data))


if __name__ == "__main__":
    main()

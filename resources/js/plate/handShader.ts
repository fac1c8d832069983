export const VERTEX = `
varying vec2 at;
varying vec3 face;
void main() {
  at = uv;
  face = normalize(normalMatrix * normal);
  gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
}`;

// The same light as on the flat views: soft lamp, what the bench throws back, flakes at the mirror angle, gloss of clear.
export const FRAGMENT = `
uniform sampler2D flat_;
uniform sampler2D glint;
uniform vec3 lamp;
uniform vec3 mid;
uniform float shine;
uniform float gloss;
varying vec2 at;
varying vec3 face;
void main() {
  vec3 n = normalize(face);
  vec3 colour = texture2D(flat_, at).rgb;
  colour *= colour;
  float lit = max(0.0, dot(n, lamp));
  float half_ = max(0.0, dot(n, mid));
  vec3 flakes = texture2D(glint, at).rgb;
  colour = mix(colour, flakes * flakes, shine * pow(half_, 7.0));
  colour = colour * (0.36 + 0.6 * lit + 0.08 * n.z) + gloss * (0.34 * pow(half_, 70.0) + 0.05 * pow(1.0 - max(0.0, n.z), 4.0));
  vec3 low = colour * 12.92;
  vec3 high = 1.055 * pow(max(colour, vec3(0.0)), vec3(1.0 / 2.4)) - 0.055;
  gl_FragColor = vec4(mix(high, low, step(colour, vec3(0.0031308))), 1.0);
}`;

/**
 * The simulated camera: a stand-in for real film. Three-dimensional points through a pin-hole camera's own matrix; what
 * it renders is measured by code that never sees this module. Frame: play frame yards with z up; pixels, origin top
 * left, y down. Read {@link mensch.camera.PinholeCamera} first.
 */
package mensch.camera;

import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  CatmullRomCurve3,
  Color,
  DirectionalLight,
  DoubleSide,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshBasicMaterial,
  MeshStandardMaterial,
  OrthographicCamera,
  PlaneGeometry,
  Raycaster,
  Scene,
  SphereGeometry,
  TubeGeometry,
  Vector2,
  Vector3,
  WebGLRenderer
} from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import { middleOf, type ScanValue, type Space } from '@chiave/core/scan';
import { SCAN_VIEWS, type ScanViewId } from './views';

/** Thickness of the tape as it is drawn, and as it is caught by a finger, mm. */
const TAPE_MM = 0.9;
const CHOSEN_MM = 1.5;
const GRIP_MM = 7;
const PLANE_MM = 150;

/** Colours of the page by their names there. */
export interface ScanColours {
  skin: string;
  tape: string;
  chosen: string;
  grid: string;
}
export interface ScanShown {
  points: Float32Array;
  triangles: Uint32Array;
  lengthMm: number;
  /** Sign of the inner side across it. */
  inward: 1 | -1;
}
/** What was measured, by its name, with where it was taken. */
export type ShownValues = Readonly<Partial<Record<string, ScanValue>>>;

/** A scanned foot, last or inside in space, with the tapes round it; turned by touch, its chosen tape dragged along. */
export class ScanScene {
  readonly #renderer: WebGLRenderer;
  readonly #scene = new Scene();
  readonly #camera = new OrthographicCamera();
  readonly #controls: OrbitControls;
  readonly #rays = new Raycaster();
  #body: Mesh | null = null;
  #lengthMm = 260;
  #inward: 1 | -1 = 1;
  #tapes: Mesh[] = [];
  #grip: Mesh | null = null;
  #along: Vector3 | null = null;
  #asked = 0;

  /**
   * @param ondrag told by how much more the chosen tape is dragged along its plane's normal, mm; null where tapes stay
   * @throws Error where the browser draws nothing in space
   */
  constructor(
    readonly canvas: HTMLCanvasElement,
    readonly colours: ScanColours,
    readonly ondrag: ((byMm: number) => void) | null
  ) {
    this.#renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
    this.#renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    const sun = new DirectionalLight(0xffffff, 2.2);
    sun.position.set(0.5, -0.6, 1);
    const back = new DirectionalLight(0xffffff, 0.9);
    back.position.set(-0.6, 0.8, 0.3);
    this.#scene.add(sun, back, new AmbientLight(0xffffff, 1.1));
    this.#controls = new OrbitControls(this.#camera, canvas);
    this.#controls.addEventListener('change', () => this.draw());
    canvas.addEventListener('pointerdown', this.#down);
  }

  /** Shows another one, from the side it was looked at. */
  show({ points, triangles, lengthMm, inward }: ScanShown): void {
    this.#drop(this.#body);
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(points, 3));
    geometry.setIndex(new BufferAttribute(triangles, 1));
    geometry.computeVertexNormals();
    this.#body = new Mesh(geometry, new MeshStandardMaterial({ color: new Color(this.colours.skin), roughness: 0.75, side: DoubleSide }));
    this.#lengthMm = lengthMm;
    this.#inward = inward;
    this.#scene.add(this.#body);
    this.#layGround();
  }

  #ground: LineSegments | null = null;
  /** The floor as a grid of centimetres, so that the eye has a measure. */
  #layGround(): void {
    this.#drop(this.#ground);
    const [from, to, half] = [-20, Math.ceil((this.#lengthMm + 20) / 10) * 10, 70];
    const ends: number[] = [];
    for (let x = from; x <= to; x += 10) ends.push(x, -half, -0.5, x, half, -0.5);
    for (let y = -half; y <= half; y += 10) ends.push(from, y, -0.5, to, y, -0.5);
    const geometry = new BufferGeometry();
    geometry.setAttribute('position', new BufferAttribute(Float32Array.from(ends), 3));
    this.#ground = new LineSegments(geometry, new LineBasicMaterial({ color: new Color(this.colours.grid) }));
    this.#scene.add(this.#ground);
  }

  /** Draws the tapes of the girths, and where widths and lengths end; the chosen one stands out, with its plane. */
  lay(values: ShownValues, chosen: string | null): void {
    for (const tape of this.#tapes) this.#drop(tape);
    this.#tapes = [];
    this.#grip = null;
    this.#along = null;
    for (const [id, value] of Object.entries(values)) {
      if (!value) continue;
      const { line, plane } = value;
      const own = id === chosen;
      const colour = new Color(own ? this.colours.chosen : this.colours.tape);
      if (!plane) {
        if (own) for (const at of line) this.#tapes.push(this.#ball(at, colour));
        if (own && line.length === 2) this.#tapes.push(this.#tube(line, false, CHOSEN_MM, colour));
        continue;
      }
      this.#tapes.push(this.#tube(line, true, own ? CHOSEN_MM : TAPE_MM, colour));
      if (!own) continue;
      const along = new Vector3(...plane.normal);
      if (this.ondrag) {
        this.#grip = this.#tube(line, true, GRIP_MM, colour);
        (this.#grip.material as MeshBasicMaterial).visible = false;
        this.#along = along;
        this.#tapes.push(this.#grip);
      }
      const sheet = new Mesh(new PlaneGeometry(PLANE_MM, PLANE_MM), new MeshBasicMaterial({ color: colour, transparent: true, opacity: 0.14, side: DoubleSide, depthWrite: false })); // prettier-ignore
      const middle = middleOf(line);
      sheet.position.set(...middle);
      sheet.lookAt(new Vector3(...middle).add(along));
      this.#tapes.push(sheet);
    }
    for (const tape of this.#tapes) this.#scene.add(tape);
    this.draw();
  }
  #tube(line: readonly Space[], closed: boolean, radius: number, color: Color): Mesh {
    const curve = new CatmullRomCurve3(
      line.map((p) => new Vector3(...p)),
      closed,
      'centripetal'
    );
    const many = Math.min(400, Math.max(2, line.length * 2));
    return new Mesh(new TubeGeometry(curve, many, radius, 8, closed), new MeshBasicMaterial({ color }));
  }
  #ball(at: Space, color: Color): Mesh {
    const ball = new Mesh(new SphereGeometry(3, 16, 12), new MeshBasicMaterial({ color }));
    ball.position.set(...at);
    return ball;
  }

  /** Turns to a view. */
  look(id: ScanViewId): void {
    const view = SCAN_VIEWS.find((v) => v.id === id)!;
    const middle = new Vector3(this.#lengthMm / 2, 0, this.#lengthMm * 0.2);
    const [x, y, z] = view.from;
    this.#camera.up.set(...(view.up as [number, number, number]));
    this.#camera.position.copy(middle).add(new Vector3(x, y * this.#inward, z).multiplyScalar(600));
    this.#camera.near = 1;
    this.#camera.far = 2000;
    this.#camera.zoom = 1;
    this.#controls.target.copy(middle);
    this.#controls.update();
    this.fit();
  }

  /** Fits the drawing to its place. */
  fit(): void {
    const { clientWidth: width, clientHeight: height } = this.canvas;
    if (width === 0 || height === 0) return;
    this.#renderer.setSize(width, height, false);
    const tall = Math.max(0.94 * this.#lengthMm, (1.22 * this.#lengthMm * height) / width);
    const wide = (tall * width) / height;
    Object.assign(this.#camera, { left: -wide / 2, right: wide / 2, top: tall / 2, bottom: -tall / 2 });
    this.#camera.updateProjectionMatrix();
    this.draw();
  }

  /** Draws once a frame at most. */
  draw(): void {
    if (this.#asked) return;
    this.#asked = requestAnimationFrame(() => {
      this.#asked = 0;
      this.#renderer.render(this.#scene, this.#camera);
    });
  }

  #down = (event: PointerEvent): void => {
    if (!this.#grip || !this.#along) return;
    const { left, top, width, height } = this.canvas.getBoundingClientRect();
    const at = new Vector2(((event.clientX - left) / width) * 2 - 1, 1 - ((event.clientY - top) / height) * 2);
    this.#rays.setFromCamera(at, this.#camera);
    if (this.#rays.intersectObject(this.#grip).length === 0) return;
    this.#controls.enabled = false;
    this.canvas.setPointerCapture(event.pointerId);
    // How many pixels a millimetre along the normal is, and which way.
    const start = this.#controls.target.clone();
    const [a, b] = [start, start.clone().add(this.#along)].map((p) => p.project(this.#camera));
    const way = new Vector2(((b.x - a.x) * width) / 2, (-(b.y - a.y) * height) / 2);
    const scale = way.lengthSq();
    let [x, y] = [event.clientX, event.clientY];
    const move = (moved: PointerEvent): void => {
      // Seen from straight ahead a plane cannot be dragged: nothing would tell how far.
      if (scale < 1e-3) return;
      this.ondrag?.(((moved.clientX - x) * way.x + (moved.clientY - y) * way.y) / scale);
      [x, y] = [moved.clientX, moved.clientY];
    };
    const up = (): void => {
      this.#controls.enabled = true;
      this.canvas.removeEventListener('pointermove', move);
      this.canvas.removeEventListener('pointerup', up);
      this.canvas.removeEventListener('pointercancel', up);
    };
    this.canvas.addEventListener('pointermove', move);
    this.canvas.addEventListener('pointerup', up);
    this.canvas.addEventListener('pointercancel', up);
  };

  #drop(thing: Mesh | LineSegments | null): void {
    if (!thing) return;
    this.#scene.remove(thing);
    thing.geometry.dispose();
    (thing.material as MeshBasicMaterial).dispose();
  }
  close(): void {
    cancelAnimationFrame(this.#asked);
    for (const thing of [this.#body, this.#ground, ...this.#tapes]) this.#drop(thing);
    this.canvas.removeEventListener('pointerdown', this.#down);
    this.#controls.dispose();
    this.#renderer.dispose();
  }
}

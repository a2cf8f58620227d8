package kinesia.core.arm;

/** A vector of three doubles; metres for points, newtons for forces. Immutable. */
public record Vec3(double x, double y, double z) {
    public static final Vec3 ZERO = new Vec3(0, 0, 0);

    public Vec3 plus(Vec3 o) {
        return new Vec3(x + o.x, y + o.y, z + o.z);
    }

    public Vec3 minus(Vec3 o) {
        return new Vec3(x - o.x, y - o.y, z - o.z);
    }

    public Vec3 times(double s) {
        return new Vec3(x * s, y * s, z * s);
    }

    /** {@code a} times {@code p} plus {@code b} times {@code q}. */
    public static Vec3 mix(Vec3 a, double p, Vec3 b, double q) {
        return new Vec3(a.x * p + b.x * q, a.y * p + b.y * q, a.z * p + b.z * q);
    }

    public double dot(Vec3 o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vec3 cross(Vec3 o) {
        return new Vec3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double norm() {
        return Math.sqrt(dot(this));
    }

    /** The same vector seen in the mirror that swaps left and right. */
    public Vec3 mirrored() {
        return new Vec3(x, y, -z);
    }
}

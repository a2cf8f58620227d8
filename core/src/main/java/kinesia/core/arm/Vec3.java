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

    public double dot(Vec3 o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vec3 cross(Vec3 o) {
        return new Vec3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double norm() {
        return Math.sqrt(dot(this));
    }

    /** This vector turned about the unit vector {@code axis} by the right-hand rule (Rodrigues' formula). */
    public Vec3 turned(Vec3 axis, double radians) {
        double c = Math.cos(radians);
        double s = Math.sin(radians);
        return times(c).plus(axis.cross(this).times(s)).plus(axis.times(axis.dot(this) * (1 - c)));
    }

    /** The same vector seen in the mirror that swaps left and right. */
    public Vec3 mirrored() {
        return new Vec3(x, y, -z);
    }
}

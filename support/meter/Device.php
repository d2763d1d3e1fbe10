<?php

declare(strict_types=1);

/** A distance meter as it behaves in the hand: it reads what it points at, not what was meant. */
final class Device
{
    private const SHORTEST_MM = 50.0;

    private const LONGEST_MM = 40_000.0;

    private const NOISE_MM = 0.6;

    private const LOW_BATTERY = 15.0;

    private const PRESS_COSTS = 0.4;

    public float $battery = 86.0;

    /** @param  array<string, array<string, mixed>>  $rooms */
    public function __construct(private readonly array $rooms)
    {
    }

    /** @return list<array{id: string, name: string}> */
    public function places(): array
    {
        return array_map(fn (string $id): array => ['id' => $id, 'name' => (string) $this->rooms[$id]['name']], array_keys($this->rooms));
    }

    /**
     * @param  array<string, mixed>  $press  room, way (across, up, out), z, x, at (front or back), off (degrees off square), steady
     * @return array{event: string, data: array<string, mixed>}
     */
    public function press(array $press): array
    {
        if ($this->battery <= 0.0) {
            return ['event' => 'goodbye', 'data' => []];
        }
        $this->battery = max(0.0, $this->battery - self::PRESS_COSTS);
        $off = deg2rad(min(80.0, abs((float) ($press['off'] ?? 0.0))));
        $distance = $this->distance($press) / max(0.05, cos($off));
        if ($distance < self::SHORTEST_MM || $distance > self::LONGEST_MM) {
            return ['event' => 'trouble', 'data' => ['code' => 'out_of_range']];
        }
        $weak = $this->battery < self::LOW_BATTERY;
        $quality = cos($off) ** 4 * (1.0 - $distance / self::LONGEST_MM) * ($weak ? 0.5 : 1.0);
        if ($quality < 0.15) {
            return ['event' => 'trouble', 'data' => ['code' => 'no_signal']];
        }
        $noise = ($press['steady'] ?? false) === true ? 0.0 : self::NOISE_MM * ($weak ? 3.0 : 1.0) * self::normal();

        return ['event' => 'reading', 'data' => ['mm' => round($distance + $noise, 1), 'at' => date(DATE_ATOM), 'quality' => round($quality, 2)]];
    }

    /** @param  array<string, mixed>  $press */
    private function distance(array $press): float
    {
        $room = $this->rooms[(string) ($press['room'] ?? '')] ?? $this->rooms[array_key_first($this->rooms)];
        $true = $room['true'];
        [$x, $z] = [(float) ($press['x'] ?? 300.0), (float) ($press['z'] ?? 100.0)];
        $front = $true['front']($x, 0.0, '');
        $y = ($press['at'] ?? 'front') === 'back' ? 0.0 : $front;

        return match ($press['way'] ?? 'across') {
            'up' => ($true[isset($true['slope']) ? 'slope' : 'ceiling'])($x, $y, '') - $true['floor']($x, $y, ''),
            'out' => $front - $true['back']($x, $z, ''),
            default => $true['right']($y, $z, '') - $true['left']($y, $z, ''),
        };
    }

    private static function normal(): float
    {
        return sqrt(-2.0 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2.0 * M_PI * mt_rand(0, 1_000_000) / 1_000_000);
    }
}

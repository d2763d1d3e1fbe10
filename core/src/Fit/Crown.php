<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Document\Model\Along;
use Incastro\Core\Document\Model\EdgeKind;
use Incastro\Core\Document\Model\EdgeName;
use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Measure\Angle;
use Incastro\Core\Survey\Room;

/**
 * How a moulding over the top is cut, laid flat on the saw (fieldbook §4). Spring S from the wall, corner φ:
 * swing = atan(sin S / tan(φ/2)), tilt = asin(cos S · cos(φ/2)); where it turns up a slope along one wall, a plain mitre of half the turn.
 */
final readonly class Crown
{
    public const USUAL_SPRING_DEG = 38.0;

    /** @return array{swing: Angle, tilt: Angle} */
    public static function corner(float $springDeg, float $cornerDeg): array
    {
        [$s, $half] = [deg2rad($springDeg), deg2rad($cornerDeg) / 2];

        return ['swing' => Angle::ofDegrees(rad2deg(atan(sin($s) / tan($half)))), 'tilt' => Angle::ofDegrees(rad2deg(asin(cos($s) * cos($half))))];
    }

    /**
     * The inside corners at the walls, and the turn where a slope begins over the run; null where nothing covers the gap above.
     *
     * @return array{spring: float, corners: list<array{side: string, angle: Angle, read: bool, swing: Angle, tilt: Angle}>, turn: Angle|null,
     *     mitre: Angle|null}|null
     */
    public static function of(Piece $piece, Room $room): ?array
    {
        $top = $piece->meeting(EdgeName::Top);
        if ($top?->kind !== EdgeKind::Trim) {
            return null;
        }
        $spring = $top->spring ?? self::USUAL_SPRING_DEG;
        $corners = [];
        foreach (Side::cases() as $side) {
            if ($room->space->side($side) === SideKind::Wall) {
                $read = $room->corner($side);
                $angle = $read ?? Angle::ofDegrees(90.0);
                $corners[] = ['side' => $side->value, 'angle' => $angle, 'read' => $read !== null] + self::corner($spring, $angle->degrees);
            }
        }
        $turn = $room->space->slope?->along === Along::Run ? $room->slopeAngle() : null;

        return ['spring' => $spring, 'corners' => $corners, 'turn' => $turn, 'mitre' => $turn === null ? null : Angle::ofDegrees($turn->degrees / 2)];
    }
}

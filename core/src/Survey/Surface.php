<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Side;

/**
 * The surfaces a space may have. Each is a height field over two of the house's axes (a, b), and its value lies on the third:
 * walls, cheeks and jambs give x over (y, z); back, breast and front line give y over (x, z); floor, overhead and head give z over (x, y).
 */
enum Surface: string
{
    case Left = 'left';
    case Right = 'right';
    case Back = 'back';
    case Front = 'front';
    case Floor = 'floor';
    case Ceiling = 'ceiling';
    case Slope = 'slope';
    case MouthLeft = 'mouth_left';
    case MouthRight = 'mouth_right';
    case MouthHead = 'mouth_head';
    case MouthDepth = 'mouth_depth';
    case BreastLeft = 'breast_left';
    case BreastRight = 'breast_right';
    case BreastFront = 'breast_front';
    /** A straightedge laid against a surface: where it lies, along its own length. */
    case Edge = 'edge';
    /** One step of a stair, its underside and where that begins: single values. */
    case Step = 'step';
    case StepAt = 'step_at';

    public static function side(Side $side): self
    {
        return $side === Side::Left ? self::Left : self::Right;
    }

    public static function jamb(Side $side): self
    {
        return $side === Side::Left ? self::MouthLeft : self::MouthRight;
    }

    public static function cheek(Side $side): self
    {
        return $side === Side::Left ? self::BreastLeft : self::BreastRight;
    }
}

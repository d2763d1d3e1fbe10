<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/** What a tape, level, straightedge or angle gauge is asked in a space. */
enum ReadingKind: string
{
    /** Side to side. */
    case Width = 'width';
    /** Floor to what is overhead. */
    case Height = 'height';
    /** Back wall to the front line. */
    case Depth = 'depth';
    /** Corner to corner, of the opening or of the floor. */
    case Diagonal = 'diagonal';
    /** How far a wall is off plumb between two heights; + leans into the space. */
    case Plumb = 'plumb';
    /** How far floor or ceiling rises across the run (+ right higher) or along the depth (+ front higher). */
    case Level = 'level';
    /** What shows behind a straightedge or batten at one place; readings of one straightedge share `edge`. */
    case Gap = 'gap';
    /** A straightedge slid all over a side: the most that stands proud of it (+, it rocks there) or lies hollow (−), and where. */
    case SlidEdge = 'slid_edge';
    /** Two laths slid up and down between the sides, all over: the narrowest, and where. */
    case Narrowest = 'narrowest';
    /** Where a side jumps in or out: how far from the back wall (along the depth), or how far up; 0 where it has no such edge. */
    case StepEdge = 'step_edge';
    /** Marks a way along the back and b along the side; the tape across them. */
    case ThreeFourFive = 'three_four_five';
    /** Of a corner in plan, degrees; under 90 the corner closes in. */
    case CornerAngle = 'corner_angle';
    /** Of the slope overhead from level, degrees. */
    case SlopeAngle = 'slope_angle';
    /** How much the slope rises over a level run held under it. */
    case SlopeRise = 'slope_rise';
    /** From the low end's wall to where slope and level ceiling meet. */
    case SlopeStart = 'slope_start';
    /** Height of the slope at the wall it starts from. */
    case Knee = 'knee';
    /** Jamb to jamb, or stile to stile. */
    case MouthWidth = 'mouth_width';
    case MouthHeight = 'mouth_height';
    /** Thickness of what the mouth is cut in. */
    case MouthDepth = 'mouth_depth';
    /** How far a jamb or stile stands in from the side wall. */
    case Return_ = 'return';
    /** Side wall to the cheek of the breast. */
    case Flank = 'flank';
    case BreastWidth = 'breast_width';
    /** How far the breast stands out from the back wall. */
    case BreastDepth = 'breast_depth';
    /** Height of the underside of one step of a stair. */
    case StepHeight = 'step_height';
    /** Where that underside begins, from the left side. */
    case StepAt = 'step_at';

    public function isAngle(): bool
    {
        return $this === self::CornerAngle || $this === self::SlopeAngle;
    }

    /** Readings that may be zero or less. */
    public function isSigned(): bool
    {
        return in_array($this, [self::Plumb, self::Level, self::SlidEdge], true);
    }

    public function mayBeZero(): bool
    {
        return $this->isSigned() || in_array($this, [self::Gap, self::Return_, self::StepAt, self::StepEdge], true);
    }

    /** Taken at the left or the right, unless it says where otherwise. */
    public function isSided(): bool
    {
        return in_array($this, [self::Height, self::Depth, self::Plumb, self::CornerAngle,
            self::ThreeFourFive, self::Return_, self::BreastDepth, self::Flank], true);
    }

    /** It ties places together that others read: what it says of them is wrong, or it is itself. Others may have met a wall that stands out just there. */
    public function isAcross(): bool
    {
        return in_array($this, [self::Diagonal, self::ThreeFourFive, self::CornerAngle, self::SlopeAngle, self::SlopeRise, self::Level], true);
    }

    /** What it finds is somewhere: its takes say where. */
    public function findsPlace(): bool
    {
        return $this === self::SlidEdge || $this === self::Narrowest;
    }

    /** @return list<Face> the surfaces it may be held to, where that is for the reading to say; empty where its kind says it */
    public function faces(): array
    {
        return match ($this) {
            self::SlidEdge, self::StepEdge => [Face::Left, Face::Right],
            self::Plumb => [Face::Left, Face::Right, Face::Back],
            self::Gap => [Face::Left, Face::Right, Face::Back, Face::Floor, Face::Ceiling, Face::Slope],
            self::Level => [Face::Floor, Face::Ceiling],
            self::Height => [Face::Ceiling],
            self::Diagonal => [Face::Opening, Face::Floor],
            default => [],
        };
    }

    /** @return list<string> the fields that say where it is taken */
    public function needs(): array
    {
        return match ($this) {
            self::Width, self::Flank, self::MouthWidth, self::BreastWidth => ['z'],
            self::Plumb => ['z', 'from_z'],
            self::Gap => ['edge', 'face'],
            self::SlidEdge, self::StepEdge => ['face'],
            self::ThreeFourFive => ['side', 'along_back', 'along_side'],
            self::CornerAngle, self::Return_, self::BreastDepth => ['side'],
            self::SlopeRise => ['run'],
            self::StepHeight, self::StepAt => ['step'],
            default => [],
        };
    }
}

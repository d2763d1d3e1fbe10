<?php

declare(strict_types=1);

namespace Incastro\Core\Survey;

use Incastro\Core\Document\Model\Piece;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\SideKind;
use Incastro\Core\Document\Model\Space;
use Incastro\Core\Measure\Length;

/**
 * What is meant to stand in a space: where its carcass begins and ends above the floor, how deep it is, and how well
 * the width must be known for its edges to take up the rest. Without a piece: the whole opening.
 */
final readonly class Need
{
    /** A scribed edge carries 3 mm beyond the greatest gap (fieldbook §2): a doubt under this leaves no gap open. */
    private const LEAST_WIDTH_DOUBT_MM = 3.0;

    private const USUAL_WIDTH_DOUBT_MM = 5.0;

    public function __construct(
        public Length $bottom,
        public Length $top,
        public ?Length $depth,
        public float $widthDoubtMm = self::USUAL_WIDTH_DOUBT_MM,
    ) {
    }

    public function reach(): Reach
    {
        return new Reach($this->bottom, $this->top, $this->widthDoubtMm);
    }

    /** How much of a target the piece takes: where clearly more is there, it need not be known better. Null where nothing is asked. */
    public function asks(string $target, Space $space): ?float
    {
        return match (true) {
            $this->depth === null => null,
            $target === 'depth' => (float) $this->depth->millimetres(),
            $target === 'height' && $space->slope === null => (float) $this->top->millimetres(),
            default => null,
        };
    }

    public static function wholeOf(Space $space): self
    {
        $sizes = new Sizes($space);

        return new self($sizes->lowest(), Length::greatest($sizes->height, $sizes->lowest()), null);
    }

    /** Of what a project means to stand in one of its spaces. */
    public static function meant(Project $project, Space $space): self
    {
        return self::of(array_values(array_filter($project->pieces, fn (Piece $p): bool => $p->space === $space->id)), $space);
    }

    /** @param  list<Piece>  $pieces  those meant for one space */
    public static function of(array $pieces, Space $space): self
    {
        if ($pieces === []) {
            return self::wholeOf($space);
        }
        $bottoms = array_map(fn (Piece $p): Length => $p->plinthHeight(), $pieces);
        $setOffs = [];
        foreach ($pieces as $piece) {
            array_push($setOffs, ...($space->left === SideKind::Open ? [] : [$piece->left->setOff]),
                ...($space->right === SideKind::Open ? [] : [$piece->right->setOff]));
        }
        $half = $setOffs === [] ? self::USUAL_WIDTH_DOUBT_MM : (float) Length::least(...$setOffs)->millimetres() / 2;

        return new self(
            Length::least(...$bottoms),
            Length::greatest(...array_map(fn (Piece $p): Length => $p->height, $pieces)),
            Length::greatest(...array_map(fn (Piece $p): Length => $p->depth, $pieces)),
            max(self::LEAST_WIDTH_DOUBT_MM, min(2 * self::USUAL_WIDTH_DOUBT_MM, $half)),
        );
    }
}

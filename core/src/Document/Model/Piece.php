<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Measure\Length;

/**
 * What is to be built into a space. `height` runs from the floor's high point (or from where it hangs) to its top,
 * `depth` from the back wall to the front; `width` is null where the carcass follows from the fit.
 */
final readonly class Piece
{
    /**
     * @param  array<string, Run>  $runs
     * @param  array<string, Edge>  $others  how it meets what is overhead, below and behind, where somebody has decided
     * @param  array<string, Offsets>  $offsets  taken by hand, by the edge of the plan they are for
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $space,
        public Length $height,
        public Length $depth,
        public ?Length $width,
        public Edge $left,
        public Edge $right,
        public string $material,
        public ?string $backMaterial,
        public Methods $methods,
        public array $runs,
        public ?Stand $stand,
        public Length $slopeClear,
        public array $others = [],
        public array $offsets = [],
        public StrutSettings $struts = new StrutSettings,
        public int $coats = 0,
        public Finish $finish = new Finish,
    ) {
    }

    /** The run along the back wall; every piece has one. */
    public function main(): Run
    {
        foreach ($this->runs as $run) {
            if ($run->wall === RunWall::Back) {
                return $run;
            }
        }
        throw new \LogicException('A piece without a run along the back wall.');
    }

    public function along(Side $side): ?Run
    {
        foreach ($this->runs as $run) {
            if ($run->wall->value === $side->value) {
                return $run;
            }
        }

        return null;
    }

    public function edge(Side $side): Edge
    {
        return $side === Side::Left ? $this->left : $this->right;
    }

    /** Null where nobody has decided. */
    public function meeting(EdgeName $edge): ?Edge
    {
        return match ($edge) {
            EdgeName::Left => $this->left,
            EdgeName::Right => $this->right,
            default => $this->others[$edge->value] ?? null,
        };
    }

    public function plinthHeight(): Length
    {
        return $this->main()->plinthHeight();
    }

    public function up(): Length
    {
        return $this->stand->up ?? Length::zero();
    }

    public function depthOf(Run $run): Length
    {
        return $run->depth ?? $this->depth;
    }
}

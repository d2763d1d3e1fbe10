<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Library;

use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\HowOften;
use Incastro\Core\Measure\Length;

/**
 * One thing of the library. Bought: with the maker's sizes, rating and clearance and the face it fixes to; `rating` is kg, of a
 * strut N. To store: one of them as it stands on a shelf, how many and how often it is fetched. Lengths are null where a maker gives none.
 */
final readonly class Entry implements \JsonSerializable
{
    public const FIXES_TO = ['nothing', 'face', 'side', 'top', 'floor'];

    public function __construct(
        public string $name,
        public ?BoughtKind $kind,
        public ?Length $width,
        public ?Length $depth,
        public ?Length $height,
        public float $kg = 0.0,
        public int $count = 1,
        public HowOften $often = HowOften::Weekly,
        public bool $hazard = false,
        public ?int $rating = null,
        public ?Length $clearance = null,
        public string $fixesTo = 'nothing',
        public int $watts = 0,
        public int $priceCents = 0,
        public string $note = '',
    ) {
    }

    public function isStored(): bool
    {
        return $this->kind === null;
    }

    /**
     * What a bay of that fill takes from it, by setting; empty where it says nothing of such a bay.
     *
     * @return array<string, Length|int|string>
     */
    public function settings(FillKind $fill): array
    {
        $known = match ([$this->kind, $fill]) {
            [BoughtKind::Appliance, FillKind::Appliance] => ['width' => $this->width,
                'height' => $this->height, 'depth' => $this->depth, 'air' => $this->clearance,
                'fixes_to' => $this->fixesTo, 'watts' => $this->watts, 'kg' => (int) ceil($this->kg)],
            [BoughtKind::Box, FillKind::BoughtBox] => ['width' => $this->width, 'height' => $this->height, 'depth' => $this->depth],
            [BoughtKind::Mattress, FillKind::Bed] => ['mattress_width' => $this->width, 'mattress_length' => $this->depth, 'mattress_height' => $this->height],
            [BoughtKind::Bin, FillKind::TiltBin] => ['bin_width' => $this->width, 'bin_depth' => $this->depth, 'bin_height' => $this->height],
            [BoughtKind::Slides, FillKind::Drawers], [BoughtKind::Slides, FillKind::PullOut] => ['on' => 'slides', 'rating' => $this->rating],
            [BoughtKind::Castor, FillKind::Drawers],
            [BoughtKind::Castor, FillKind::PullOut] => ['on' => 'castors', 'rating' => $this->rating, 'castor' => $this->height],
            [BoughtKind::Castor, FillKind::Caddy] => ['rating' => $this->rating, 'castor' => $this->height],
            default => [],
        };

        return array_filter($known, fn (Length|int|string|null $v): bool => $v !== null);
    }

    /** Its kind, or `stored`. */
    public function what(): string
    {
        return $this->kind->value ?? 'stored';
    }

    /** @return array<string, mixed> as it is kept; EntryReader reads it */
    public function kept(): array
    {
        return ['name' => $this->name, 'kind' => $this->kind?->value, 'width' => $this->width,
            'depth' => $this->depth, 'height' => $this->height, 'kg' => $this->kg, 'count' => $this->count,
            'often' => $this->often->value, 'hazard' => $this->hazard, 'rating' => $this->rating,
            'clearance' => $this->clearance, 'fixes_to' => $this->fixesTo, 'watts' => $this->watts,
            'price_cents' => $this->priceCents, 'note' => $this->note];
    }

    /** @return array<string, mixed> with what each fill takes from it */
    public function jsonSerialize(): array
    {
        $fills = [];
        foreach ($this->isStored() ? [] : FillKind::cases() as $fill) {
            $settings = $this->settings($fill);
            $fills += $settings === [] ? [] : [$fill->value => $settings];
        }

        return [...$this->kept(), 'fills' => (object) $fills];
    }
}

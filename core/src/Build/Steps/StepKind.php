<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Steps;

/**
 * What is done in one step, in the order in which it is usually done. What it takes and what to mind hang on it; the minutes are
 * our own starting figures, to be put right by the person's log.
 */
enum StepKind: string
{
    case Intake = 'intake';
    case CutSheet = 'cut_sheet';
    case CutLumber = 'cut_lumber';
    case CutOther = 'cut_other';
    case Recut = 'recut';
    case Band = 'band';
    case Rout = 'rout';
    case Drill = 'drill';
    case DryFit = 'dry_fit';
    case Sand = 'sand';
    case Prime = 'prime';
    case Coat = 'coat';
    case Base = 'base';
    case Assemble = 'assemble';
    case Back = 'back';
    case Frame = 'frame';
    case Mover = 'mover';
    case Precut = 'precut';
    case Prepare = 'prepare';
    case Record = 'record';
    case SetBase = 'set_base';
    case Carry = 'carry';
    case Stand = 'stand';
    case Services = 'services';
    case Join = 'join';
    case Fix = 'fix';
    case SiteFrame = 'site_frame';
    case Scribe = 'scribe';
    case Top = 'top';
    case Filler = 'filler';
    case Trim = 'trim';
    case Slats = 'slats';
    case FillHeads = 'fill_heads';
    case Caulk = 'caulk';
    case SandOnSite = 'sand_on_site';
    case PrimeOnSite = 'prime_on_site';
    case CoatOnSite = 'coat_on_site';
    case TouchUp = 'touch_up';
    case Lids = 'lids';
    case Drawers = 'drawers';
    case Doors = 'doors';
    case Refit = 'refit';
    case Shelves = 'shelves';
    case Furnish = 'furnish';
    case Check = 'check';

    /** Its place in the usual order. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** @return array{int, float} minutes to set up, and for each of what it does */
    public function effort(): array
    {
        return match ($this) {
            self::Intake => [10, 5], self::CutSheet => [10, 3], self::CutLumber => [8, 3], self::CutOther => [10, 10],
            self::Recut => [5, 5], self::Band => [10, 4], self::Rout => [15, 6], self::Drill => [10, 0.8],
            self::DryFit => [10, 3], self::Sand, self::SandOnSite => [10, 4],
            self::Prime, self::PrimeOnSite, self::Coat, self::CoatOnSite => [15, 3], self::Base => [10, 4], self::Assemble => [10, 6], self::Back => [10, 5],
            self::Frame => [15, 5], self::Mover => [10, 5], self::Precut, self::Scribe => [15, 20], self::Prepare => [15, 10], self::Record => [5, 3],
            self::SetBase => [15, 5], self::Carry, self::Stand => [15, 5], self::Services => [20, 20], self::Join => [10, 2], self::Fix => [10, 4],
            self::SiteFrame => [10, 8], self::Top => [15, 10], self::Filler, self::Trim => [5, 10], self::Slats => [10, 1], self::FillHeads => [10, 0.3],
            self::Caulk => [10, 5], self::TouchUp => [20, 2], self::Lids => [10, 15], self::Drawers, self::Doors => [10, 12], self::Refit => [5, 10],
            self::Shelves => [5, 2], self::Furnish => [10, 5], self::Check => [15, 0],
        };
    }

    /** @return list<string> keys of `tool.*` */
    public function tools(): array
    {
        return match ($this) {
            self::Prepare => ['bar', 'knife', 'sheet'], self::Intake => ['tape', 'square', 'calliper'],
            self::CutSheet, self::CutOther => ['saw', 'rail', 'battens', 'pencil'],
            self::CutLumber => ['saw', 'square'], self::Recut => ['saw', 'rail', 'tape'], self::Band => ['iron', 'trimmer'],
            self::Rout => ['router', 'guide', 'clamps'], self::Drill => ['drill', 'stop_collar', 'awl'],
            self::DryFit => ['clamps', 'tape'], self::Sand, self::SandOnSite => ['sander', 'block'], self::Prime,
            self::Coat, self::PrimeOnSite, self::CoatOnSite, self::TouchUp => ['roller', 'brush'],
            self::Base, self::Assemble, self::Back, self::Frame, self::Mover => ['driver', 'clamps', 'square', 'tape'],
            self::Precut, self::Scribe => ['compass', 'jigsaw', 'plane'],
            self::Record => ['camera', 'tape'], self::SetBase => ['level', 'shims'], self::Stand,
            self::Carry => ['level', 'helper_straps'], self::Services => ['tester'],
            self::Join => ['clamps', 'driver'], self::Fix => ['driver', 'drill', 'level', 'stud_finder'],
            self::SiteFrame => ['driver', 'level'], self::Top, self::Filler, self::Trim => ['driver', 'clamps'],
            self::Slats => ['driver', 'spacer'], self::FillHeads => ['knife_filling', 'block'],
            self::Caulk => ['gun', 'tape_masking'], self::Lids, self::Doors => ['driver', 'awl'],
            self::Drawers => ['driver', 'spacer'], self::Refit => ['driver'], self::Shelves, self::Furnish => [], self::Check => ['level', 'tape'],
        };
    }

    /** @return list<string> keys of `caution.*`, said where the hand is */
    public function cautions(): array
    {
        return match ($this) {
            self::CutSheet, self::CutOther => ['kickback', 'eyes_ears', 'saw_dust'], self::CutLumber => ['eyes_ears'],
            self::Recut => ['kickback', 'eyes_ears'], self::Rout => ['eyes_ears', 'router_dust'],
            self::Drill => ['through'], self::Sand, self::SandOnSite => ['sanding_dust'],
            self::Prime, self::Coat, self::PrimeOnSite, self::CoatOnSite => ['rags'],
            self::Prepare => ['old_paint'], self::Services => ['isolate'], self::Fix => ['cables'],
            self::Carry, self::Stand => ['lifting'], self::Band => ['hot'],
            self::Top => ['lifting'], default => [],
        };
    }

    public function scene(): Scene
    {
        return match ($this) {
            self::Base, self::Assemble, self::Back, self::Frame, self::Mover => Scene::Shop,
            self::SetBase, self::Stand, self::Join, self::Fix, self::SiteFrame, self::Top, self::Filler, self::Trim,
            self::Slats, self::Lids, self::Drawers, self::Doors, self::Shelves, self::Services => Scene::Room,
            self::Scribe, self::Carry => Scene::Held,
            default => Scene::Bench,
        };
    }

    /** Noise that neighbours and children hear. */
    public function isNoisy(): bool
    {
        return in_array($this, [self::CutSheet, self::CutLumber, self::CutOther, self::Recut, self::Rout,
            self::Sand, self::SandOnSite, self::Fix, self::SiteFrame, self::Precut, self::Scribe], true);
    }

    /** Done in the open where that can be: waits for dry weather. */
    public function isOutside(): bool
    {
        return in_array($this, [self::CutSheet, self::CutOther], true);
    }
}

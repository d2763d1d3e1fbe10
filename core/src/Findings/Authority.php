<?php

declare(strict_types=1);

namespace Incastro\Core\Findings;

/** Whom to defer to: the application states usual rules, these people and papers decide. */
enum Authority: string
{
    case Nobody = 'nobody';
    case Electrician = 'electrician';
    case Plumber = 'plumber';
    case HeatingEngineer = 'heating_engineer';
    case StructuralEngineer = 'structural_engineer';
    case Utility = 'utility';
    case FireRules = 'fire_rules';
    case GlazingRules = 'glazing_rules';
    case MakersListing = 'makers_listing';
    case GasFitter = 'gas_fitter';
    case LeadTest = 'lead_test';
    case AsbestosTest = 'asbestos_test';
    case Landlord = 'landlord';
    case BuildingControl = 'building_control';

    /** What waits for them: cutting, where what they say may change the piece; else fixing it in its place. */
    public function before(): HeldStep
    {
        return in_array($this, [self::StructuralEngineer, self::Plumber, self::GasFitter, self::HeatingEngineer], true) ? HeldStep::Cut : HeldStep::Fix;
    }
}

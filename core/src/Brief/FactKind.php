<?php

declare(strict_types=1);

namespace DunePocket\Brief;

/** The closed list of what can be known about a client's business. */
enum FactKind: string
{
    case BusinessName = 'business_name';
    case BusinessKind = 'business_kind';
    case Location = 'location';
    case AreaServed = 'area_served';
    case Offering = 'offering';
    case Audience = 'audience';
    case Goal = 'goal';
    case SecondaryGoal = 'secondary_goal';
    case Differentiator = 'differentiator';
    case Proof = 'proof';
    case Feature = 'feature';
    case PageRequest = 'page_request';
    case PageRefusal = 'page_refusal';
    case PageCount = 'page_count';
    case Tone = 'tone';
    case AvoidWord = 'avoid_word';
    case Keyphrase = 'keyphrase';
    case VoiceSample = 'voice_sample';
    case Language = 'language';
    case ContactPhone = 'contact_phone';
    case ContactEmail = 'contact_email';
    case ContactAddress = 'contact_address';
    case OpeningHours = 'opening_hours';
    case SocialProfile = 'social_profile';
    case ExistingSite = 'existing_site';
    case Person = 'person';
    case Founded = 'founded';
    case Price = 'price';
    case Deadline = 'deadline';
    case Budget = 'budget';
    case DesignNote = 'design_note';
    case AdmiredSite = 'admired_site';
    case Competitor = 'competitor';

    /** A kind of which a business has one: a second one is a contradiction, not an addition. */
    public function isSingle(): bool
    {
        return match ($this) {
            self::BusinessName, self::BusinessKind, self::Goal, self::PageCount, self::Founded => true,
            default => false,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::BusinessName => 'Name',
            self::BusinessKind => 'Kind',
            self::AreaServed => 'Area',
            self::PageRequest => 'Asked for',
            self::PageRefusal => 'Refused',
            self::PageCount => 'Number of pages',
            self::SecondaryGoal => 'Also',
            self::Differentiator => 'Sets them apart',
            self::AvoidWord => 'Never say',
            self::Keyphrase => 'Search phrase',
            self::VoiceSample => 'Voice sample',
            self::ContactPhone => 'Telephone',
            self::ContactEmail => 'E-mail',
            self::ContactAddress => 'Address',
            self::SocialProfile => 'Social profile',
            self::ExistingSite => 'Present site',
            self::Founded => 'Since',
            self::DesignNote => 'For the design',
            self::AdmiredSite => 'Site they like',
            default => ucfirst(str_replace('_', ' ', $this->value)),
        };
    }

    /** The designer's question this kind of fact belongs to on the fact sheet. */
    public function group(): string
    {
        return match ($this) {
            self::BusinessName, self::BusinessKind, self::Location, self::AreaServed, self::Founded, self::Person => 'Who',
            self::Offering, self::Price => 'What',
            self::Audience => 'For whom',
            self::Differentiator, self::Proof, self::Competitor => 'Why them',
            self::Goal, self::SecondaryGoal, self::Feature => 'What should happen',
            self::PageRequest, self::PageRefusal, self::PageCount => 'Which pages',
            self::Tone, self::AvoidWord, self::Keyphrase, self::VoiceSample, self::Language => 'In which voice',
            self::ContactPhone, self::ContactEmail, self::ContactAddress, self::OpeningHours, self::SocialProfile, self::ExistingSite, self::Deadline, self::Budget => 'Practical matters',
            self::DesignNote, self::AdmiredSite => 'Parked for design',
        };
    }
}

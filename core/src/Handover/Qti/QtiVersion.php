<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

use Notagram\Source\Regex;

/**
 * A version of Question and Test Interoperability (1EdTech, open standard) with what differs in its files.
 *
 * Names of namespaces, resources and templates are from memory of the standard.
 */
enum QtiVersion: string
{
    case V12 = 'qti12';
    case V21 = 'qti21';
    case V30 = 'qti30';

    private const INLINE = ['a', 'abbr', 'b', 'br', 'cite', 'code', 'dfn', 'em', 'i', 'img', 'kbd', 'q', 'samp', 'small', 'span', 'strong', 'sub', 'sup', 'var'];
    private const BLOCKS = ['blockquote', 'div', 'dl', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'hr', 'ol', 'p', 'pre', 'table', 'ul'];
    private const ATTRIBUTES = ['a' => ['href'], 'img' => ['src', 'alt', 'width', 'height'], 'td' => ['colspan', 'rowspan'], 'th' => ['colspan', 'rowspan', 'scope']];

    public function label(): string
    {
        return match ($this) {
            self::V12 => 'QTI 1.2',
            self::V21 => 'QTI 2.1',
            self::V30 => 'QTI 3.0',
        };
    }

    /** The name of an element as this version spells it. */
    public function element(string $name): string
    {
        return self::V30 === $this ? 'qti-'.self::hyphened($name) : $name;
    }

    public function attribute(string $name): string
    {
        return self::V30 === $this && !str_contains($name, ':') ? self::hyphened($name) : $name;
    }

    private static function hyphened(string $name): string
    {
        return strtolower(Regex::replace('/(?<=[a-z])(?=[A-Z])/', '-', $name));
    }

    public function namespace(): string
    {
        return match ($this) {
            self::V12 => 'http://www.imsglobal.org/xsd/ims_qtiasiv1p2',
            self::V21 => 'http://www.imsglobal.org/xsd/imsqti_v2p1',
            self::V30 => 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0',
        };
    }

    public function manifestNamespace(): string
    {
        return self::V30 === $this ? 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1' : 'http://www.imsglobal.org/xsd/imscp_v1p1';
    }

    /** @return array{string, string} what the manifest says of itself: the schema and its version */
    public function schema(): array
    {
        return match ($this) {
            self::V12 => ['IMS Content', '1.1.3'],
            self::V21 => ['QTIv2.1 Package', '1.0.0'],
            self::V30 => ['QTI Package', '3.0.0'],
        };
    }

    /** The kind of resource that a file of questions is. */
    public function itemType(): string
    {
        return match ($this) {
            self::V12 => 'imsqti_xmlv1p2',
            self::V21 => 'imsqti_item_xmlv2p1',
            self::V30 => 'imsqti_item_xmlv3p0',
        };
    }

    public function testType(): string
    {
        return self::V30 === $this ? 'imsqti_test_xmlv3p0' : 'imsqti_test_xmlv2p1';
    }

    /** The processing of responses under which the right one scores 1 and any other 0. */
    public function matchCorrect(): string
    {
        return self::V30 === $this ? 'https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/match_correct.xml' : 'http://www.imsglobal.org/question/qti_v2p1/rptemplates/match_correct';
    }

    /** Whether texts are elements of the file, so that only some may stand in them; in 1.2 they are strings with HTML in them. */
    public function isStrict(): bool
    {
        return self::V12 !== $this;
    }

    public function allowsInline(string $element): bool
    {
        return \in_array($element, self::INLINE, true) || (self::V30 === $this && \in_array($element, ['ruby', 'rt', 'rp'], true)) || (!$this->isStrict() && \in_array($element, ['u', 's', 'mark', 'del', 'ins', 'ruby', 'rt', 'rp'], true));
    }

    public function allowsBlock(string $element): bool
    {
        return \in_array($element, self::BLOCKS, true) || (self::V21 !== $this && \in_array($element, ['figure', 'figcaption'], true));
    }

    public function allowsAttribute(string $element, string $attribute): bool
    {
        return \in_array($attribute, self::ATTRIBUTES[$element] ?? [], true) || (!$this->isStrict() && \in_array($attribute, ['start', 'type', 'reversed', 'title', 'dir'], true));
    }
}

<?php

declare(strict_types=1);

namespace Notagram\Tests\PhpStan;

use Notagram\Source\Regex;
use PhpParser\Node\Expr\StaticCall;
use PHPStan\Analyser\Scope;
use PHPStan\Analyser\SpecifiedTypes;
use PHPStan\Analyser\TypeSpecifier;
use PHPStan\Analyser\TypeSpecifierAwareExtension;
use PHPStan\Analyser\TypeSpecifierContext;
use PHPStan\Reflection\MethodReflection;
use PHPStan\Reflection\ParameterReflection;
use PHPStan\TrinaryLogic;
use PHPStan\Type\Php\RegexArrayShapeMatcher;
use PHPStan\Type\StaticMethodParameterOutTypeExtension;
use PHPStan\Type\StaticMethodTypeSpecifyingExtension;
use PHPStan\Type\Type;

/** Tells the static analysis what {@see Regex} finds, as it knows of PHP's own functions. */
final class RegexMatches implements StaticMethodParameterOutTypeExtension, StaticMethodTypeSpecifyingExtension, TypeSpecifierAwareExtension
{
    private TypeSpecifier $specifier;

    public function __construct(private readonly RegexArrayShapeMatcher $shapes)
    {
    }

    public function setTypeSpecifier(TypeSpecifier $typeSpecifier): void
    {
        $this->specifier = $typeSpecifier;
    }

    public function getClass(): string
    {
        return Regex::class;
    }

    public function isStaticMethodSupported(MethodReflection $methodReflection, ParameterReflection|StaticCall $parameter, ?TypeSpecifierContext $context = null): bool
    {
        return Regex::class === $methodReflection->getDeclaringClass()->getName() && \in_array($methodReflection->getName(), ['match', 'matchAll'], true) && (
            $parameter instanceof StaticCall ? 'match' === $methodReflection->getName() && false === $context?->null() : \in_array($parameter->getName(), ['match', 'matches'], true)
        );
    }

    public function getParameterOutTypeFromStaticMethodCall(MethodReflection $methodReflection, StaticCall $methodCall, ParameterReflection $parameter, Scope $scope): ?Type
    {
        return $this->found($methodReflection, $methodCall, TrinaryLogic::createMaybe(), $scope);
    }

    public function specifyTypes(MethodReflection $staticMethodReflection, StaticCall $node, Scope $scope, TypeSpecifierContext $context): SpecifiedTypes
    {
        $matches = $node->getArgs()[2]->value ?? null;
        $type = null === $matches ? null : $this->found($staticMethodReflection, $node, TrinaryLogic::createFromBoolean($context->true()), $scope);

        return null === $matches || null === $type ? new SpecifiedTypes() : $this->specifier->create($matches, $type, $context, $scope)->setAlwaysOverwriteTypes();
    }

    private function found(MethodReflection $method, StaticCall $call, TrinaryLogic $wasFound, Scope $scope): ?Type
    {
        $arguments = $call->getArgs();
        if (!isset($arguments[0], $arguments[2])) {
            return null;
        }
        $flags = isset($arguments[3]) ? $scope->getType($arguments[3]->value) : null;

        return 'match' === $method->getName()
            ? $this->shapes->matchExpr($arguments[0]->value, $flags, $wasFound, $scope)
            : $this->shapes->matchAllExpr($arguments[0]->value, $flags, $wasFound, $scope);
    }
}

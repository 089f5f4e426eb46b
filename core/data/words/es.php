<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['el', 'la', 'los', 'las', 'un', 'una', 'unos', 'unas', 'de', 'del', 'a', 'al', 'en', 'por', 'para', 'con', 'sin', 'sobre', 'entre', 'hasta', 'desde', 'que', 'qué', 'quién', 'quiénes', 'cuál', 'cuáles', 'cuándo', 'cuánto', 'cuántos', 'cuánta', 'cuántas', 'dónde', 'cómo', 'es', 'son', 'era', 'eran', 'fue', 'fueron', 'ser', 'está', 'están', 'hay', 'ha', 'han', 'se', 'su', 'sus', 'lo', 'le', 'les', 'y', 'o', 'u', 'pero', 'no', 'si', 'como', 'más', 'muy', 'este', 'esta', 'estos', 'estas', 'ese', 'esa', 'cada', 'también', 'sólo', 'solo'],
    'negative' => ['no', 'excepto', 'salvo', 'nunca', 'tampoco'],
    'dated' => ['actual', 'actuales', 'actualmente', 'ahora', 'hoy', 'hoy en día', 'reciente', 'recientes', 'recientemente', 'último', 'últimos', 'este año', 'el año pasado', 'hasta ahora', 'hasta la fecha', 'en la actualidad'],
    'absolute' => ['siempre', 'nunca', 'jamás', 'todo', 'todos', 'toda', 'todas', 'ninguno', 'ninguna', 'solamente', 'únicamente', 'exclusivamente', 'completamente', 'totalmente', 'imposible'],
    'articles' => ['un', 'una', 'unos', 'unas'],
    'true' => ['verdadero', 'v', 'sí', 'si', 'cierto', 'correcto'],
    'false' => ['falso', 'f', 'no', 'incorrecto'],
    'numbers' => ['cero', 'uno', 'dos', 'tres', 'cuatro', 'cinco', 'seis', 'siete', 'ocho', 'nueve', 'diez', 'once', 'doce', 'trece', 'catorce', 'quince', 'dieciséis', 'diecisiete', 'dieciocho', 'diecinueve', 'veinte'],
    'allOfTheAbove' => 'tod[oa]s (?:l[oa]s )?(?:anteriores|mencionad[oa]s|ell[oa]s|respuestas)(?: anteriores)?(?: son correctas)?|todas son correctas',
    'noneOfTheAbove' => 'ningun[oa] (?:de )?(?:l[oa]s )?(?:anteriores|ell[oa]s|respuestas(?: anteriores)?|otr[oa]s)|ninguna (?:respuesta )?es correcta',
    'otherOptions' => '(?:tanto )?{L} (?:y|o|como) {L}(?: son correctas)?|ni {L} ni {L}|(?:respuestas|opciones) {L} (?:y|o) {L}|solo {L} y {L}',
    // Of printed tests: pieces of patterns that are read in any case.
    'paper' => [
        'question' => 'pregunta|ejercicio',
        'answer' => 'respuestas?|solución',
        'points' => 'puntos?|ptos?\\.?',
        'each' => 'cada un[ao]|cada|por pregunta',
        'true' => 'verdadero|v',
        'false' => 'falso',
        'correct' => 'correct[ao]',
        'key' => 'respuestas(?: correctas)?|clave(?: de respuestas)?|soluciones|solucionario',
        'part' => 'parte|sección|seccion|lección|capítulo|ronda',
        'for' => 'para|preguntas',
        'task' => 'explica|describe|nombra|define|compara',
        'name' => 'nombre(?: y apellidos)?|apellidos?|fecha|nota|curso|grupo|calificación',
        'page' => 'página|pág\\.?|pag\\.?',
        'of' => 'de',
        'instruction' => 'elija|marque|escriba|lea|responda|conteste|rodee|subraye|complet[ae]|señal[ae]|indi[cq]\\w{1,2}|elige|marca|escribe|lee|responde|contesta|rodea|subraya|instrucciones',
        'material' => 'texto|tabla|gráfico|mapa|poema|imagen|figura',
        'explanation' => 'explicación|justificación|razón|retroalimentación|porque',
        'bookkeeping' => 'dificultad|tema|objetivo|fuente|capítulo|nivel|referencia',
        'value' => 'puntos?|valor|puntuación',
        'cue' => '(?:dé|dar) (?:la )?vuelta(?: a la (?:hoja|página))?|vuelta(?: a la (?:hoja|página))?|(?:sigue|continúa|continuación)(?: en la (?:página )?(?:siguiente|\\d+)(?: página)?| al dorso| atrás)?|pase a la (?:página siguiente|siguiente página)|al dorso',
        'button' => 'siguiente|anterior|enviar|terminar|comprobar',
        'option' => 'letra|opción|respuesta',
        'type' => 'tipo|tipo de pregunta',
        'ending' => 'fin(?: del (?:examen|test|cuestionario))?',
        'farewell' => 'espero que|avísame|avíseme|si (?:quieres|necesitas|deseas?|necesita),?|¿(?:quieres|te gustaría|desea) que|no dudes en|buena suerte|házmelo saber',
        'remark' => 'nota|ojo|atención',
        'statement' => 'afirmaciones|afirmación|frases?|enunciado|pregunta',
    ],
    // Of their headings: what kind of question they announce.
    'paperKinds' => [
        'true-false' => 'verdadero (?:o|y) falso|verdadero/falso|v o f',
        'typed' => 'completa|rellena|completar|respuesta corta',
        'essay' => 'ensayo|preguntas abiertas|desarrollo',
        'matching' => 'relaciona|empareja|une con flechas',
        'choice' => 'opción múltiple|opcion multiple|elige|marca',
    ],
];

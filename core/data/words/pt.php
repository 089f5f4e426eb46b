<?php

declare(strict_types=1);

// Words that the rules of craft look for, in lower case. The last three patterns match a whole option; {L} stands for a letter.
return [
    'function' => ['o', 'a', 'os', 'as', 'um', 'uma', 'uns', 'umas', 'de', 'do', 'da', 'dos', 'das', 'em', 'no', 'na', 'nos', 'nas', 'por', 'pelo', 'pela', 'para', 'com', 'sem', 'sobre', 'entre', 'até', 'desde', 'que', 'quem', 'qual', 'quais', 'quando', 'onde', 'como', 'quanto', 'quantos', 'quanta', 'quantas', 'é', 'são', 'era', 'eram', 'foi', 'foram', 'ser', 'está', 'estão', 'há', 'tem', 'têm', 'se', 'seu', 'sua', 'seus', 'suas', 'e', 'ou', 'mas', 'não', 'mais', 'muito', 'também', 'cada', 'este', 'esta', 'estes', 'estas', 'esse', 'essa', 'isso', 'ao', 'à'],
    'negative' => ['não', 'exceto', 'nunca', 'salvo'],
    'dated' => ['atual', 'atuais', 'atualmente', 'agora', 'hoje', 'hoje em dia', 'recente', 'recentes', 'recentemente', 'este ano', 'no ano passado', 'até agora', 'até à data', 'no momento'],
    'absolute' => ['sempre', 'nunca', 'jamais', 'tudo', 'todos', 'toda', 'todas', 'nenhum', 'nenhuma', 'apenas', 'somente', 'exclusivamente', 'completamente', 'totalmente', 'impossível'],
    'articles' => ['um', 'uma', 'uns', 'umas'],
    'true' => ['verdadeiro', 'v', 'sim', 'certo', 'correto'],
    'false' => ['falso', 'f', 'não', 'errado', 'incorreto'],
    'numbers' => ['zero', 'um', 'dois', 'três', 'quatro', 'cinco', 'seis', 'sete', 'oito', 'nove', 'dez', 'onze', 'doze', 'treze', 'catorze', 'quinze', 'dezesseis', 'dezessete', 'dezoito', 'dezenove', 'vinte'],
    'allOfTheAbove' => 'tod[oa]s (?:as |os )?(?:anteriores|respostas|alternativas|acima|mencionad[oa]s)(?: anteriores| acima)?(?: estão corretas)?|todas estão corretas',
    'noneOfTheAbove' => 'nenhum[a]? (?:das |dos )?(?:anteriores|respostas|alternativas|acima)(?: anteriores| acima)?|nenhuma (?:resposta )?está correta',
    'otherOptions' => '(?:tanto )?{L} (?:e|ou|como) {L}(?: estão corretas)?|nem {L} nem {L}|(?:respostas|opções) {L} (?:e|ou) {L}|apenas {L} e {L}',
    // Of printed tests: pieces of patterns that are read in any case.
    'paper' => [
        'question' => 'pergunta|quest[ãa]o|exercício',
        'answer' => 'respostas?|solução',
        'points' => 'pontos?|valores?',
        'each' => 'cada|por quest[ãa]o',
        'true' => 'verdadeiro|v',
        'false' => 'falso|f',
        'correct' => 'cert[ao]|corret[ao]',
        'key' => 'gabarito|respostas(?: corretas| certas)?|chave(?: de respostas)?|soluções',
        'part' => 'secção|seção|parte|lição|capítulo|rodada',
        'for' => 'perguntas|questões|para',
        'task' => 'explique|descreva|cite|defina',
        'name' => 'turma|número|pontuação|nome|data',
        'page' => 'página|pág\\.?',
        'of' => 'de',
        'instruction' => 'ligue|sublinhe|assinale|escolha|escreva|leia|responda|marque|preencha|instruções|indique|complete',
        'material' => 'tabela|imagem|texto|gráfico|mapa|poema|figura',
        'explanation' => 'explicação|justificativa|justificação|motivo|porque',
        'bookkeeping' => 'dificuldade|tema|objetivo|fonte|capítulo|nível|referência',
        'value' => 'pontos?|valor',
        'cue' => 'vire a (?:folha|página)|(?:continua|continuação)(?: na (?:próxima )?página(?: (?:seguinte|\\d+))?| no verso)?|no verso|v\\.\\s?s\\.\\s?f\\.\\s?f\\.',
        'button' => 'próximo|próxima|seguinte|anterior|enviar|terminar|verificar',
        'option' => 'letra|opção|alternativa|resposta',
        'type' => 'tipo(?: de (?:questão|pergunta))?',
        'ending' => 'fim(?: (?:da prova|do teste|do exame))?',
        'farewell' => 'espero que|avise-me|me avise|se (?:quiser|precisar|desejar),?|gostaria que|deseja que eu|boa sorte|qualquer dúvida',
        'remark' => 'nota|atenção|observação|obs',
        'statement' => 'afirmações|afirmação|frases?|pergunta|questão',
    ],
    // Of their headings: what kind of question they announce.
    'paperKinds' => [
        'true-false' => 'verdadeiro (?:ou|e) falso|verdadeiro/falso|certo ou errado',
        'typed' => 'complete as|preench[ae]|lacunas|resposta curta',
        'essay' => 'questões abertas|redação|dissertativas?',
        'matching' => 'relacione|associe|ligue as colunas',
        'choice' => 'escolha múltipla|múltipla escolha|assinale|escolha',
    ],
];

# Mixed-model reference for trials, computed once by R's nlme, lme4 and emmeans on open data sets that come
# with R. Needs Debian's r-base-core, r-cran-nlme, r-cran-lme4, r-cran-emmeans, r-cran-lmertest, r-cran-mass.
#   Rscript scripts/reference/mixed-models.R > core/src/outcome/trial/tests/mixed-models.json
suppressMessages({library(nlme); library(lme4); library(lmerTest); library(emmeans); library(MASS)})

number <- function(x) format(x, digits = 12, scientific = TRUE, trim = TRUE)
text <- function(x) paste0('"', x, '"')
object <- function(...) { all <- c(...); paste0('{', paste(paste0(text(names(all)), ': ', all), collapse = ', '), '}') }
list_of <- function(x) paste0('[', paste(x, collapse = ',\n'), ']')

rows_of <- function(data, y) list_of(sapply(seq_len(nrow(data)), function(i) {
  levels <- sapply(setdiff(names(data), y), function(name) text(as.character(data[[name]][i])))
  object(y = number(data[[y]][i]), levels)
}))
terms_of <- function(table, f, p, df1, df2) list_of(sapply(rownames(table), function(name)
  object(term = text(name), df = number(table[name, df1]), errorDf = number(table[name, df2]), f = number(table[name, f]), p = number(table[name, p]))))
pairs_of <- function(fit, by) {
  told <- summary(pairs(emmeans(fit, by), adjust = 'tukey'))
  list_of(sapply(seq_len(nrow(told)), function(i)
    object(pair = text(told$contrast[i]), difference = number(told$estimate[i]), error = number(told$SE[i]), p = number(told$p.value[i]))))
}

# Oats of Yates 1935: split plots. nlme and lme4 must agree before anything is written.
oats <- data.frame(Oats); oats$nitro <- factor(oats$nitro); oats <- oats[c('Block', 'Variety', 'nitro', 'yield')]
oats_lme <- lme(yield ~ Variety * nitro, random = ~ 1 | Block / Variety, data = oats)
oats_lmer <- lmer(yield ~ Variety * nitro + (1 | Block / Variety), data = oats)
oats_a <- anova(oats_lme)[-1, ]
stopifnot(all(abs(oats_a[['F-value']] - anova(oats_lmer)[['F value']]) < 1e-3 * oats_a[['F-value']]))

# Barley of Immer 1934: five varieties, places as blocks.
barley <- immer[c('Loc', 'Var', 'Y1')]
barley_lmer <- lmer(Y1 ~ Var + (1 | Loc), data = barley)
barley_a <- anova(barley_lmer)

# Rats of Hand and Crowder 1996 weighed on eleven dates: animals as plots, dates as what splits them.
rats <- data.frame(BodyWeight); rats$Time <- factor(rats$Time); rats$Rat <- factor(as.character(rats$Rat))
rats <- rats[c('Rat', 'Diet', 'Time', 'weight')]
rats_lme <- lme(weight ~ Diet * Time, random = ~ 1 | Rat, data = rats)
rats_a <- anova(rats_lme)[-1, ]

by_lme <- function(table) terms_of(as.data.frame(table), 'F-value', 'p-value', 'numDF', 'denDF')
cat('{', paste(c(
  paste0('"made": ', text(paste('R', getRversion(), 'nlme', packageVersion('nlme'), 'lme4', packageVersion('lme4'), 'emmeans', packageVersion('emmeans')))),
  paste0('"oats": {"rows": ', rows_of(oats, 'yield'), ', "terms": ', by_lme(oats_a), ', "pairs": ', pairs_of(oats_lmer, 'nitro'), '}'),
  paste0('"barley": {"rows": ', rows_of(barley, 'Y1'), ', "terms": ', terms_of(as.data.frame(barley_a), 'F value', 'Pr(>F)', 'NumDF', 'DenDF'), ', "pairs": ', pairs_of(barley_lmer, 'Var'), '}'),
  paste0('"rats": {"rows": ', rows_of(rats, 'weight'), ', "terms": ', by_lme(rats_a), ', "pairs": []}')
), collapse = ',\n'), '}\n')

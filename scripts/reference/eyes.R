# Mixed-model reference for people's eyes, computed once by R's lme4: crossed and nested effects on open data sets that
# come with it, and ratings of made-up people. Needs Debian's r-base-core and r-cran-lme4.
#   Rscript scripts/reference/eyes.R core/src/base/statistics/tests/lme4.json core/src/seen/eye/tests/rated.json
suppressMessages(library(lme4))
files <- commandArgs(trailingOnly = TRUE)

number <- function(x) format(x, digits = 12, scientific = TRUE, trim = TRUE)
text <- function(x) paste0('"', x, '"')
object <- function(...) { all <- c(...); paste0('{', paste(paste0(text(names(all)), ': ', all), collapse = ', '), '}') }
numbers <- function(x) paste0('[', paste(number(x), collapse = ', '), ']')
texts <- function(x) paste0('[', paste(text(as.character(x)), collapse = ', '), ']')
list_of <- function(x) paste0('[', paste(x, collapse = ',\n'), ']')
made <- text(paste('R', getRversion(), 'lme4', packageVersion('lme4')))
exact <- lmerControl(optimizer = 'bobyqa', optCtrl = list(rhoend = 1e-9))

# Doubt of a sum of effects to be foretold, from lme4's own matrices: Henderson's equations turned round.
foretold <- function(fit, fixed, group) {
  Z <- t(as.matrix(getME(fit, 'Zt'))); X <- getME(fit, 'X'); L <- t(as.matrix(getME(fit, 'Lambdat')))
  both <- cbind(Z %*% L, X)
  left <- crossprod(both); q <- ncol(Z); diag(left)[1:q] <- diag(left)[1:q] + 1
  taken <- c(as.vector(t(L) %*% group), fixed)
  solved <- solve(left, taken)
  c(mean = sum(solved * crossprod(both, getME(fit, 'y'))), deviation = sigma(fit) * sqrt(sum(taken * solved)))
}
column <- function(fit, term, level) {
  flist <- getME(fit, 'flist'); cnms <- getME(fit, 'cnms'); Gp <- getME(fit, 'Gp')
  at <- rep(0, ncol(getME(fit, 'Z')))
  at[Gp[term] + match(level, levels(flist[[attr(flist, 'assign')[term]]]))] <- 1
  at
}
solved <- function(fit) c(criterion = number(REMLcrit(fit)), rest = number(sigma(fit)), ratios = numbers(getME(fit, 'theta')), fixed = numbers(fixef(fit)))

sleep_fit <- lmer(Reaction ~ Days + (1 | Subject) + (0 + Days | Subject), sleepstudy, control = exact)
sleep_one <- foretold(sleep_fit, c(1, 5), column(sleep_fit, 1, '308') + 5 * column(sleep_fit, 2, '308'))
mould_fit <- lmer(diameter ~ 1 + (1 | plate) + (1 | sample), Penicillin, control = exact)
mould_one <- foretold(mould_fit, 0, column(mould_fit, 2, 'A') - column(mould_fit, 2, 'F'))
writeLines(paste0('{', paste(c(
  paste0('"made": ', made),
  paste0('"sleep": ', object(y = numbers(sleepstudy$Reaction), days = numbers(sleepstudy$Days), subject = texts(sleepstudy$Subject), solved(sleep_fit), mean = number(sleep_one[['mean']]), deviation = number(sleep_one[['deviation']]))),
  paste0('"mould": ', object(y = numbers(Penicillin$diameter), plate = texts(Penicillin$plate), sample = texts(Penicillin$sample), solved(mould_fit), mean = number(mould_one[['mean']]), deviation = number(mould_one[['deviation']])))
), collapse = ',\n'), '}'), files[1])

# Six made-up people, three sittings each, twelve pictures of turf rated twice in half steps from 1 to 9.
set.seed(20261201)
people <- 6; sittings <- 3; pictures <- 12
bias <- rnorm(people, 0, 0.5); slope <- rnorm(people, 0, 0.25); spread <- exp(rnorm(people, log(0.4), 0.25))
rows <- do.call(rbind, lapply(1:people, function(person) do.call(rbind, lapply(1:sittings, function(sitting) {
  day <- rnorm(1, 0, 0.2); truth <- 1.64 + 6.72 * (0:(pictures - 1) + runif(pictures)) / pictures; own <- rnorm(pictures, 0, 0.25)
  do.call(rbind, lapply(1:2, function(round) {
    said <- truth + bias[person] + slope[person] * (truth - 5) / 4 + day + own + rnorm(pictures, 0, spread[person])
    data.frame(person = person, sitting = paste0(person, '-', sitting), picture = 0:(pictures - 1), truth = round(truth, 4), said = pmin(9, pmax(1, round(2 * said) / 2)))
  }))
}))))
pairs <- aggregate(cbind(truth, error = said - truth) ~ picture + sitting + person, rows, mean)
pairs$along <- (pairs$truth - 5) / 4; pairs$person <- factor(pairs$person); pairs$sitting <- factor(pairs$sitting)
eyes_fit <- lmer(error ~ along + (1 | person) + (0 + along | person) + (1 | sitting), pairs, control = exact)
# lme4 puts terms in an order of its own: each is found by its name.
cnms <- getME(eyes_fit, 'cnms'); flist_names <- names(cnms); theta <- getME(eyes_fit, 'theta')
term_at <- function(group, name) unname(which(flist_names %in% c(group, paste0(group, '.1')) & sapply(cnms, function(x) x == name)))
terms <- c(person = term_at('person', '(Intercept)'), slope = term_at('person', 'along'), sitting = term_at('sitting', '(Intercept)'))
told <- sapply(1:people, function(person) {
  at <- function(along) foretold(eyes_fit, c(1, along), column(eyes_fit, terms['person'], person) + along * column(eyes_fit, terms['slope'], person))
  moved <- foretold(eyes_fit, c(0, 0), column(eyes_fit, terms['sitting'], paste0(person, '-3')) - column(eyes_fit, terms['sitting'], paste0(person, '-1')))
  mid <- at(0); top <- at(1)
  object(person = text(person), bias = number(bias[person]), slope = number(slope[person]), spread = number(spread[person]),
    middle = number(mid[['mean']]), middleDeviation = number(mid[['deviation']]), high = number(top[['mean']]), highDeviation = number(top[['deviation']]),
    moved = number(moved[['mean']]), movedDeviation = number(moved[['deviation']]))
})
writeLines(paste0('{', paste(c(
  paste0('"made": ', made),
  paste0('"fit": ', object(criterion = number(REMLcrit(eyes_fit)), rest = number(sigma(eyes_fit)), ratios = numbers(theta[terms]), fixed = numbers(fixef(eyes_fit)))),
  paste0('"eyes": ', list_of(told)),
  paste0('"rows": ', list_of(sapply(seq_len(nrow(rows)), function(i) paste0('[', paste(c(text(rows$person[i]), text(rows$sitting[i]), rows$picture[i], rows$truth[i], rows$said[i]), collapse = ', '), ']'))))
), collapse = ',\n'), '}'), files[2])

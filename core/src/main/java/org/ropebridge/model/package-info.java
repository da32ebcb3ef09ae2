/**
 * What a company's data means: immutable records that every other room stands on. Uses no other
 * room.
 */
package org.ropebridge.model;
